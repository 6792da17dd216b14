<x-layout :title="__('pack/bench.title', ['box' => $sheet->box->theme])" station="pack">
    @fragment('bench')
        <div id="bench" class="mx-auto grid max-w-4xl gap-4">
            <h1>{{ __('pack/bench.title', ['box' => $sheet->box->theme]) }}</h1>
            @if ($sheet->moves() === [])
                <p class="text-xl">{{ __('pack/bench.no-plan') }}</p>
            @else
                <p class="text-xl">{{ __('pack/bench.not-begun') }}</p>
                <form method="post" action="{{ route('bench.begin', $sheet->box) }}">
                    @csrf
                    <button class="button go bench-button" data-key=" ">{{ __('pack/bench.begin') }}
                        <kbd aria-hidden="true">Space</kbd></button>
                </form>
                <p><a class="link text-xl"
                    href="{{ route('roll-call', ['box' => $sheet->box->id]) }}">{{ __('pack/bench.roll.open') }}</a></p>
                <x-open-box :drawing="$sheet->drawing()" class="w-full" />
            @endif
        </div>
    @endfragment
</x-layout>
