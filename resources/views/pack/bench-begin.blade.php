<x-layout :title="__('pack/bench.title', ['box' => $sheet->box->theme])" station="pack">
    @fragment('bench')
        <div id="bench" class="mx-auto grid max-w-4xl gap-4">
            <h1>{{ __('pack/bench.title', ['box' => $sheet->box->theme]) }}</h1>
            @if ($sheet->packing->moves() === [])
                <p class="text-xl">{{ __('pack/bench.no-plan') }}</p>
            @else
                <p class="text-xl">{{ __('pack/bench.not-begun') }}</p>
                @php
                    $roll = route('roll-call', ['box' => $sheet->box->id]);
                    $isRollFirst = $sheet->plan->ways->habits->callsTheRoll && ! $sheet->isLaidOut();
                @endphp
                <div class="flex flex-wrap items-center gap-4">
                    @if ($isRollFirst)
                        <a class="button go bench-button" href="{{ $roll }}">{{ __('pack/bench.roll.open') }}</a>
                    @endif
                    <form method="post" action="{{ route('bench.begin', $sheet->box) }}">
                        @csrf
                        <button @class(['button bench-button', 'go' => ! $isRollFirst])
                            data-key=" ">{{ __('pack/bench.begin') }}
                            <kbd aria-hidden="true">{{ __('pack/views/bench-begin.space') }}</kbd></button>
                    </form>
                    @unless ($isRollFirst)
                        <a class="link text-xl" href="{{ $roll }}">{{ __('pack/bench.roll.open') }}</a>
                    @endunless
                </div>
                @foreach ($layouts as $like)
                    <form method="post" action="{{ route('bench.begin', $sheet->box) }}"
                        class="cut flex flex-wrap items-center gap-3 p-4">
                        @csrf
                        <p class="grow basis-60 text-lg">{{ __('pack/bench.layout.like', [
                            'box' => $like->box->theme,
                            'closed' => lcfirst(__("pack/bench.closed.{$like->closed}"))]) }}</p>
                        <button class="button" name="like" value="{{ $like->box_id }}">{{
                            __('pack/bench.layout.repeat') }}</button>
                    </form>
                @endforeach
                <x-open-box :drawing="$sheet->packing->drawing()" class="w-full" />
            @endif
        </div>
    @endfragment
</x-layout>
