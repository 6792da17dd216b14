@php
    $box = $sheet->box;
    $handedIn = $box->handedIn();
    $links = ['must-haves' => route('boxes.show', $box), 'to-mend' => route('boxes.show', $box).'#flags',
        'to-ask' => route('boxes.show', $box).'#flags', 'to-buy' => route('shopping'), 'on-the-way' => route('gather'),
        'prepared' => route('boxes.prepare', $box), 'box-ready' => route('boxes.prepare', $box),
        'note' => route('boxes.show', [$box, 'pick' => 1, 'lane' => 'note']),
        'photo' => route('boxes.show', [$box, 'pick' => 1, 'lane' => 'note']), 'lid' => route('boxes.show', $box),
        'box-limit' => route('boxes.edit', $box)];
    $currency = $box->sending_gift->currency;
    $for = __("people.{$box->gender->value}").', '.$box->recipient()->band->label();
    $gift = $box->sending_gift->format().' '.$box->sending_gift->currency->code;
@endphp
<x-layout :title="__('pack/views/closing.closing-check-theme', ['theme' => $box->theme])" station="pack">
    <div class="mx-auto max-w-6xl">
        <div class="flex flex-wrap items-end justify-between gap-3 pb-3">
            <div>
                <h1>{{ __('pack/views/closing.closing-check') }}</h1>
                <p class="text-ink-soft">
                    “{{ $box->theme }}”, {{ $for }}.
                    <b class="text-ink">{{ $handedIn
                        ? __('pack/closing.as-handed-in', ['day' => $handedIn->at->format('j M Y')]) :
                        ($box->stage->isOpen() || $check->open() > 0
                            ? trans_choice('pack/closing.open', $check->open())
                            : __('pack/closing.packed')) }}</b>
                        <a class="link no-print" href="{{ route('boxes.show', $box) }}">{{
                            __('pack/views/closing.back-to-the-box') }}</a>
                </p>
            </div>
            <button type="button" class="button no-print" data-print hidden>{{
                __('pack/views/closing.print-it') }}</button>
        </div>
        <div class="grid items-start gap-3.5 wide:grid-cols-[1.4fr_1fr]">
            <section class="cut px-4 py-2" aria-label="{{ __('pack/views/closing.the-lines') }}">
                <ol>
                    @foreach ($check->lines as $line)
                        @php($names = $namesOf($line))
                        <li class="flex flex-wrap items-center gap-x-1.5 gap-y-1 border-t-[1.5px] border-line py-2
                            text-lg first:border-t-0">
                            @if ($line->tick)
                                @include('pack.partials.task',
                                    ['address' => route('boxes.tick', [$box, $line->tick->value]), 'says' =>
                                    trans_choice("pack/closing.ticks.{$line->id}", $line->count,
                                        ['names' => $names, 'for' =>
                                    $for, 'gift' => $gift]), 'isDone' => $line->state->value === 'fine'])
                            @else
                                <x-shapes.line-state :state="$line->state" />
                                <span class="min-w-0 grow basis-60">{{ __('pack/closing.'.['fine' => 'fine',
                                    'left' => 'left-line', 'open' => 'open-line'][$line->state->value].".{$line->id}",
                                    ['names' => $names]) }}</span>
                                @if (! $handedIn && $line->state->value === 'open')<a
                                    class="link no-print ml-2 text-base"
                                    href="{{ $links[$line->id] }}">{{ __("pack/closing.do.{$line->id}") }}</a>@endif
                            @endif
                        </li>
                    @endforeach
                </ol>
                @php($warnings = $sheet->packing->warnings())
                @if ($warnings !== [])
                    <div class="border-t-[1.5px] border-line py-2">
                        <h2 class="text-mend">{{ __('plan/fit.look-again') }}</h2>
                        <ul>@foreach ($warnings as $says)<li>{{ $says }}</li>@endforeach
                        </ul>
                    </div>
                @endif
                @if ($box->stage->isOpen())
                    <form method="post" action="{{ route('boxes.move', $box) }}"
                        class="no-print border-t-[1.5px] border-line py-3">
                        @csrf
                        @method('put')
                        <button @class(['button', 'go' => $check->open() === 0]) name="stage" value="packed">
                            {{ __($check->open() === 0 ? 'pack/closing.close' : 'pack/closing.close-all-the-same') }}
                        </button>
                    </form>
                @elseif ($handedIn === null)
                    <p class="no-print flex flex-wrap items-center gap-x-4 gap-y-2 border-t-[1.5px] border-line py-3">
                        <b>{{ __('pack/closing.then') }}</b>
                        <a class="button go" href="{{ route('send') }}">{{ __('pack/closing.to-send') }}</a>
                        <a class="link" href="{{ route('pack') }}">{{ __('pack/closing.to-pack') }}</a>
                    </p>
                @endif
            </section>
            <section class="cut px-4 py-3" aria-labelledby="second-look">
                <h2 id="second-look">{{ __('pack/views/closing.a-second-look') }}</h2>
                <p class="text-ink-soft">
                    {{ __('pack/views/closing.what-the-checkers-of-drive', [
                        'drive' => $sheet->plan->guide->edition->drive,
                    ]) }}
                </p>
                @if ($look->isQuiet())
                    <p class="mt-3 font-semibold text-ok">{{ __('pack/views/closing.they-would-take-nothing-out') }}</p>
                @endif
                @if ($look->takenOut !== [])
                    <h3 class="mt-3 text-mend">{{ __('pack/views/closing.they-take-out') }}</h3>
                    <ul>
                        @foreach ($look->takenOut as $out)<li
                            class="grid grid-cols-[1fr_auto] gap-x-3 border-t-[1.5px] border-line
                            py-1.5"><span><b>{{ $out['name'] }}.</b>
                                {{ $out['why'] }}</span><span
                                    class="tabular">{{ $out['cost']?->rounded()->format() ?? '–' }}</span></li>
                                    @endforeach
                    </ul>
                    <p class="flex justify-between border-t-[1.5px] border-ink py-1.5">
                        <span>{{ __('pack/views/closing.lost-to-this-child') }}</span><b class="figure">{{
                            $look->lost($currency)->rounded()->format() }}</b>
                    </p>
                @endif
                @if ($look->toppedUp !== [])
                    <h3 class="mt-3">{{ __('pack/views/closing.they-would-add') }}</h3>
                    <ul>
                        @foreach ($look->toppedUp as $up)<li
                            class="grid grid-cols-[1fr_auto] gap-x-3 border-t-[1.5px] border-line
                            py-1.5"><span>{{ $up['count'] > 1 ? $up['count'].' × ' : '' }}{{ $up['name'] }}</span><span
                                class="tabular">{{ $up['cost']?->rounded()->format()
                                    ?? __('pack/views/closing.no-price-known') }}</span></li>
                                @endforeach
                    </ul>
                    <p class="flex justify-between border-t-[1.5px] border-ink py-1.5">
                        <span>{{ __('pack/views/closing.what-that-costs-at-your') }}</span><b class="figure">{{
                            $look->added($currency)->rounded()->format() }}</b>
                    </p>
                @endif
            </section>
        </div>
    </div>
</x-layout>
