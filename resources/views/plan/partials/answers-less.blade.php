@php($isOpen = $answers->sheet->box->stage->isOpen())
<section aria-labelledby="leave-out">
    <h2 id="leave-out">{{ __('plan/fit.leave-out.heading') }}</h2>
    <ol class="mt-1 grid gap-2">
        @forelse ($answers->leaveOut() as $out)
            @php($leaving = $out->leaving)
            <li class="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 border-t-[1.5px] border-line pt-2
                first:border-t-0">
                <span><b>{{ $answers->namesOf($leaving) }}</b>:
                    {{ __($loop->first ? 'plan/fit.leave-out.first' : 'plan/fit.leave-out.also',
                        ['verdict' => $answers->verdict($leaving->closure)]) }}
                    <span class="text-ink-soft">{{ $answers->mustHavesAfter($out) }}</span></span>
                @if ($isOpen)
                    <form method="post" action="{{ route('boxes.leave-out', $answers->sheet->box) }}">
                        @csrf
                        <x-once />
                        @foreach ($leaving->counts as $piece => $count)<input type="hidden" name="counts[{{ $piece }}]"
                            value="{{ $count }}">@endforeach
                        <button @class(['button small', 'go' => $loop->first])>
                            {{ __('plan/fit.leave-out.do') }}<span
                                class="sr-only"> {{ $answers->namesOf($leaving) }}</span></button>
                    </form>
                @endif
            </li>
        @empty
            <li>{{ __('plan/fit.leave-out.none') }}</li>
        @endforelse
    </ol>
</section>
<section aria-labelledby="swap">
    <h2 id="swap">{{ __('plan/fit.swap.heading') }}</h2>
    <ul class="mt-1 grid gap-2">
        @forelse ($answers->swaps() as [$swap, $result])
            <li class="flex flex-wrap items-center justify-between gap-x-4 gap-y-1">
                <span>{{ __("plan/fit.swap.{$swap->way->value}",
                    ['name' => $answers->sheet->packing->nameOf($swap->instead->id), 'instead' => $swap->name]) }}:
                    {{ $answers->saysOf($result) }}</span>
                @if ($isOpen && $swap->lot !== null)
                    <form method="post" action="{{ route('pieces.swap', $swap->instead->id) }}">
                        @csrf
                        <x-once />
                        <input type="hidden" name="lot" value="{{ $swap->lot }}">
                        <button class="button small">
                            {{ __('plan/fit.swap.do') }}<span class="sr-only"> {{ $swap->name }}</span></button>
                    </form>
                @endif
            </li>
        @empty
            <li>{{ __('plan/fit.swap.none') }}</li>
        @endforelse
    </ul>
</section>
