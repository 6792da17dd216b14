<x-layout :title="__('plan/views/fit.how-theme-goes-in', ['theme' => $fit->sheet->box->theme])" station="shelf">
    @fragment('fit')
        @php($address = fn (?int $step = null, ?int $turn = null) => route('boxes.fit',
            [$fit->sheet->box, ...$fit->query($step, $turn)]))
        <div id="fit">
            <div class="flex flex-wrap items-end justify-between gap-3 pb-3">
                <div>
                    <h1>{{ __('plan/views/fit.how-theme-goes-in', ['theme' => $fit->sheet->box->theme]) }}</h1>
                    <p class="text-ink-soft">
                        {{ __('plan/views/fit.room-says-packed-order', [
                            'room' => $write->gauges($fit->sheet->gauges)->room(),
                            'says' => $write->gauges($fit->sheet->gauges)->roomSays(),
                            'order' => lcfirst(
                                __("plan/fit.orders.{$fit->sheet->plan->ways->packingOrder->value}.name"),
                            ),
                        ]) }}
                        <a class="link" href="{{ route('boxes.show', $fit->sheet->box) }}">{{
                            __('plan/views/fit.back-to-the-box') }}</a>
                    </p>
                </div>
                @if ($fit->steps() > 0)
                    <a class="button small"
                        href="{{ route('boxes.fit-drawing', [$fit->sheet->box, ...$fit->query()]) }}">{{
                            __('plan/views/fit.this-drawing-as-svg') }}</a>
                @endif
            </div>
            @if ($fit->sheet->mayImprove)
                {{-- The longer try says when it is over; the step looked at is asked for anew then, unless another is
                     on its way already, which brings the same. --}}
                <form id="improve-{{ Str::random(8) }}" method="post"
                    action="{{ route('boxes.fit-improve', $fit->sheet->box) }}"
                    hx-post="{{ route('boxes.fit-improve', [$fit->sheet->box, 'steps' => 1]) }}"
                    hx-trigger="load delay:300ms, packing-waits from:body delay:1s" hx-swap="none" hidden>@csrf</form>
                <div hx-get="{{ route('boxes.fit', $fit->sheet->box) }}" hx-include="#scrub"
                    hx-trigger="packed-at-length from:body" hx-target="#fit" hx-swap="outerMorph" hx-sync="#fit:drop"
                    hidden></div>
            @endif
            @if ($fit->sheet->mayBeTried())
                <p class="cut max-w-2xl p-6">{{ __('plan/fit.later') }}</p>
            @elseif ($fit->steps() === 0)
                <section class="cut max-w-2xl p-6">
                    <h2>{{ __('plan/views/fit.nothing-to-fit-in-yet') }}</h2><p class="my-3">{{
                        __('plan/views/fit.pick-a-piece-and-see') }}</p>
                    <a class="button go" href="{{ route('boxes.show', [$fit->sheet->box, 'pick' => 1]) }}">{{
                        __('plan/views/fit.pick-a-piece') }}</a>
                </section>
            @else
                <div class="grid items-start gap-3.5 wide:grid-cols-[1.5fr_1fr]">
                    <div class="grid gap-3.5">
                    <section class="cut px-4 py-3" aria-label="{{ __('plan/views/fit.the-open-box') }}">
                        <p class="min-h-14 text-lg font-semibold" role="status" id="says">{{ $fit->says() }}</p>
                        <div class="pinched">
                            <x-open-box :drawing="$fit->drawing()" :current="$fit->current()?->ids() ?? []"
                                :is-named="true" class="my-2 max-h-[28.5rem] w-full" />
                            <p class="text-ink-soft" data-named>{{ __('plan/fit.tap') }}</p>
                            <p class="nearer" hidden>
                                @foreach (['larger' => '+', 'smaller' => '−'] as $how => $sign)
                                    <button type="button" class="button small" data-nearer="{{ $how }}"
                                        aria-label="{{ __("plan/fit.{$how}") }}">{{ $sign }}</button>
                                @endforeach
                            </p>
                        </div>
                        <form id="scrub" action="{{ route('boxes.fit', $fit->sheet->box) }}"
                            class="grid grid-cols-[auto_1fr_auto_auto] items-center gap-2.5">
                            <a class="button" data-key="arrowleft" href="{{ $address($fit->step - 1) }}"
                                hx-get="{{ $address($fit->step - 1) }}" hx-target="#fit" hx-swap="outerMorph"
                                hx-sync="#fit:replace" hx-replace-url="true" aria-label="{{
                                    __('plan/views/fit.a-step-back') }}">◂</a>
                            <label class="sr-only" for="step">{{ __('plan/views/fit.step') }}</label>
                            <input type="range" id="step" name="step" min="0" max="{{ $fit->steps() }}"
                                value="{{ $fit->step }}" class="w-full"
                                hx-get="{{ route('boxes.fit', $fit->sheet->box) }}" hx-include="closest form"
                                hx-target="#fit" hx-swap="outerMorph" hx-sync="#fit:replace" hx-replace-url="true"
                                hx-trigger="input delay:60ms">
                            <a class="button" data-key="arrowright" href="{{ $address($fit->step + 1) }}"
                                hx-get="{{ $address($fit->step + 1) }}" hx-target="#fit" hx-swap="outerMorph"
                                hx-sync="#fit:replace" hx-replace-url="true" aria-label="{{
                                    __('plan/views/fit.a-step-on') }}">▸</a>
                            <input type="hidden" name="turn" value="{{ $fit->turn }}">
                            <noscript><button class="button small">{{ __('plan/views/fit.show') }}</button></noscript>
                        </form>
                        <p class="mt-2.5 flex flex-wrap items-center gap-2.5">
                            <a class="button small" href="{{ $address(null, $fit->turn + 3) }}"
                                hx-get="{{ $address(null, $fit->turn + 3) }}" hx-target="#fit" hx-swap="outerMorph"
                                hx-sync="#fit:replace" hx-replace-url="true">{{ __('plan/views/fit.turn-it-left') }}</a>
                            <a class="button small" href="{{ $address(null, $fit->turn + 1) }}"
                                hx-get="{{ $address(null, $fit->turn + 1) }}" hx-target="#fit" hx-swap="outerMorph"
                                hx-sync="#fit:replace" hx-replace-url="true">{{
                                    __('plan/views/fit.turn-it-right') }}</a>
                            <span class="text-ink-soft">{{ __('plan/views/fit.seen-value-the-arrow-keys', [
                                'value' => __("plan/fit.turns.{$fit->turn}"),
                            ]) }}</span>
                        </p>
                    </section>
                    @include('plan.partials.own-way')
                    @include('plan.partials.first-sight')
                    <section class="cut px-4 py-3" aria-labelledby="side">
                        <h2 id="side">{{ __('plan/views/fit.from-the-front-with-the') }}</h2>
                        <x-side-view :sheet="$fit->sheet" class="mt-2 max-h-52 w-full" />
                        @foreach ($fit->sheet->packing->insets() as [$drawing, $holder])
                            <h3 class="mt-3">{{ __('plan/views/fit.inside-holder', ['holder' => $holder]) }}</h3>
                            <x-open-box :$drawing class="mt-1 h-52 w-auto max-w-full" />
                        @endforeach
                    </section>
                    @include('plan.partials.sure', ['sure' => $fit->sureness()])
                    </div>
                    <section class="cut px-4 py-3" aria-labelledby="order">
                        <h2 id="order">{{ __('plan/views/fit.in-this-order') }}</h2>
                        <ol class="mt-1">
                            @foreach ($fit->sheet->packing->moves() as $move)
                                <li @class(['border-t-[1.5px] border-line first:border-t-0',
                                    'font-semibold' => $loop->iteration === $fit->step, 'text-ink-soft' =>
                                    $loop->iteration > $fit->step])>
                                    <a class="block py-1 no-underline hover:underline"
                                        href="{{ $address($loop->iteration) }}"
                                        hx-get="{{ $address($loop->iteration) }}" hx-target="#fit" hx-swap="outerMorph"
                                        hx-sync="#fit:replace" hx-replace-url="true"
                                        @if ($loop->iteration === $fit->step) aria-current="step"
                                            @endif><b class="tabular">{{ $move->step }}.</b>
                                            {{ $fit->sheet->packing->saysMove($move) }}</a>
                                </li>
                            @endforeach
                        </ol>
                        @foreach ($fit->sheet->packing->remarks() as $says)
                            <p class="mt-3 font-semibold">{{ $says }}</p>
                        @endforeach
                        @php($warnings = $fit->sheet->packing->warnings())
                        @if ($warnings !== [])
                            <h3 class="mt-3 text-mend">{{ __('plan/fit.look-again') }}</h3>
                            <ul class="grid gap-1">
                                @foreach ($warnings as $says)<li>{{ $says }}</li>@endforeach
                            </ul>
                        @endif
                        @if ($fit->sheet->gauges->room->leftOut !== [])
                            <h3 class="mt-3 text-mend">{{ __('plan/views/fit.stays-out') }}</h3>
                            <ul class="text-mend">
                                @foreach ($write->gauges($fit->sheet->gauges)->leftOut() as $out)<li>
                                        {{ $out }}</li>@endforeach
                            </ul>
                        @endif
                    </section>
                </div>
                <section class="cut mt-3.5 px-4 py-3" aria-label="{{ __('plan/fit.answers') }}">
                    <div hx-get="{{ route('boxes.fit-answers', $fit->sheet->box) }}" @unless ($fit->
                        sheet->mayImprove) hx-trigger="load delay:200ms" @else hx-trigger="click" @endunless
                        hx-swap="outerHTML"><a class="link"
                            href="{{ route('boxes.fit-answers', $fit->sheet->box) }}">{{ __('plan/fit.answers') }}</a>
                    </div>
                </section>
                <section class="cut mt-3.5 px-4 py-3" aria-labelledby="layers">
                    <h2 id="layers">{{ __('plan/views/fit.layer-by-layer') }}</h2>
                    <ol class="mt-2 grid gap-4 sm:grid-cols-2 wide:grid-cols-3">
                        @foreach ($fit->layers() as [$drawing, $names])
                            <li>
                                <x-open-box :$drawing class="w-full" /><p class="text-ink-soft">
                                    {{ __('plan/fit.layer', ['number' => $loop->iteration, 'names' => $names]) }}</p>
                            </li>
                        @endforeach
                    </ol>
                </section>
            @endif
        </div>
    @endfragment
</x-layout>
