<x-layout :title="__('pack/bench.title', ['box' => $bench->sheet->box->theme])" station="pack">
    @fragment('bench')
        @php
            [$box, $move] = [$bench->sheet->box, $bench->current()];
            $step = $move === null ? null : $bench->step($move);
            $look = fn (int $by) => route('bench', [$box, 'look' => $by]);
            $away = $bench->at - $bench->done;
        @endphp
        <div id="bench" class="bench" data-bench
            @if ($bench->isNow() && $bench->refused === null && ! $bench->isAllIn())
                data-steps="{{ json_encode($bench->stepsAhead()) }}" data-box="{{ $box->id }}"
                data-done="{{ $bench->done }}" data-plan="{{ $bench->planPrint() }}"
                data-press="{{ route('bench.press', $box) }}" data-token="{{ route('pocket.token') }}"
                data-look="{{ route('bench', $box) }}?look=BY"
                data-words="{{ json_encode(['waits' => __('pack/bench.alone.waits'),
                    'sent' => __('pack/bench.alone.sent'), 'allIn' => __('pack/bench.all-in')]) }}"
            @endif>
            <div data-looks-on hx-get="{{ route('bench', [$box, 'version' => $bench->moment()]) }}"
                hx-trigger="every 2s" hx-target="#bench" hx-swap="outerMorph" hx-sync="#bench:drop" hidden></div>
            <section class="bench-says" aria-live="polite">
                @if ($bench->isAllIn() && $away >= 0)
                    @include('pack.partials.bench-closed')
                @elseif ($move !== null)
                    @include('pack.partials.bench-step')
                @endif
                <ol class="bench-path" aria-hidden="true">
                    @for ($nth = 0; $nth < $bench->steps(); $nth++)
                        <li @class(['is-in' => $nth < $bench->done, 'is-now' => $nth === $bench->at])></li>
                    @endfor
                </ol>
                @include('pack.partials.bench-buttons')
                @if ($bench->isChanged())
                    <form method="post" action="{{ route('bench.begin', $box) }}" class="cut mt-4 p-4">
                        @csrf
                        <p>{{ __('pack/bench.changed') }}</p>
                        <button class="button mt-2">{{ __('pack/bench.again') }}</button>
                    </form>
                @endif
            </section>
            <section class="bench-drawn" aria-label="{{ __('pack/bench.title', ['box' => $box->theme]) }}">
                <x-open-box :drawing="$bench->drawing()" :current="$bench->isAllIn() ? [] : $move?->ids() ?? []"
                    :ghosts="$bench->ghosts()" class="w-full" />
                <details class="mt-4">
                    <summary class="link">{{ __('pack/bench.list') }}</summary>
                    <ol class="steps-list mt-2">
                        @foreach ($bench->moves as $one)
                            <li class="flex flex-wrap items-center gap-2 py-1">
                                <span class="grow basis-60"><b class="figure">{{ $loop->iteration }}.</b>
                                    {{ $bench->step($one)->says() }}</span>
                                @if ($loop->iteration <= $bench->done)
                                    <span class="text-ok font-semibold">✓ {{ __('pack/bench.is-in') }}</span>
                                @elseif ($one->holder() === null)
                                    <form method="post" action="{{ route('bench.press', $box) }}"
                                        hx-post="{{ route('bench.press', $box) }}" hx-target="#bench"
                                        hx-swap="outerMorph">
                                        @csrf<x-once /><input type="hidden" name="kind" value="in">
                                        <input type="hidden" name="piece" value="{{ $one->first()->id }}">
                                        <input type="hidden" name="saw" value="{{ $bench->bench->version }}">
                                        <button class="button small">{{ $bench->step($one)->saysThisIsIn() }}</button>
                                    </form>
                                @endif
                            </li>
                        @endforeach
                    </ol>
                </details>
            </section>
        </div>
    @endfragment
    @if ($isMore)
        @fragment('further')
            <div id="further" class="grid gap-3">
                @include('pack.partials.bench-ways', ['keys' => 'de'])
            </div>
        @endfragment
    @endif
</x-layout>
