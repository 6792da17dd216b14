@php
    $planned = $sheet->planned($piece);
    $cost = $sheet->gauges->money->byPiece[$piece->id] ?? null;
    $bag = "piece-{$piece->id}";
    $wrong = $errors->hasBag($bag) ? $errors->getBag($bag)->first('quantity') : '';
    $address = route('pieces.update', $piece);
    $onPiece = $sheet->gauges->flags->onPieceAlone($piece->id);
    $isOpen = $sheet->box->stage->isOpen();
    $more = $isOpen ? route('pieces.more', [$piece, ...$state->query()]) : '';
    $countsAs = $sheet->needNames()[$planned->choices->countsAs] ?? null;
@endphp
<div @class(['lane-row', 'rider' => $sheet->isRider($piece)]) id="{{ $bag }}" @if ($isOpen)
    data-piece="{{ $piece->id }}" draggable="true" @endif>
    <span class="flex min-w-0 gap-1.5">
        <x-glyph :lane="$planned->kind->category" :kind="$planned->kind" class="mt-0.5 size-5 shrink-0" />
        <span class="min-w-0">
            @if ($piece->lot?->exists)
                <a class="no-underline hover:underline"
                    href="{{ route('lots.edit', $piece->lot) }}">{{ $planned->name }}</a>@else
                {{ $planned->name }}@endif
            @if ($piece->lot?->size_label)
                <span class="text-ink-soft">·
                    {{ __('plan/boxes.size-label', ['size' => $piece->lot->size_label]) }}</span>
            @endif
            @if ($countsAs !== null)
                <span class="text-ink-soft">· {{ __('plan/boxes.counts.is', ['need' => $countsAs]) }}</span>
            @endif
        </span>
    </span>
    <span class="from text-ink-soft">
        @if ($piece->isToBuy())
            @if ($sheet->box->stage->isOpen())
                @php($got = route('boxes.show',
                    [$sheet->box, 'pick' => 1, 'from' => 'new', 'kind' => $planned->kind->id]))
                {{ __('plan/views/partials/piece.to-buy') }} <a class="link" @toPicker($got)>{{
                        __('plan/views/partials/piece.got-it') }}</a>
            @else
                {{ __('plan/views/partials/piece.to-buy-2') }}
            @endif
        @else
            {{ $piece->lot->cameFrom() }}
            @if ($piece->lot->due_on)
                · <b class="whitespace-nowrap text-ink">{{ __('plan/boxes.due-on',
                    ['day' => $piece->lot->due_on->format('j M')]) }}</b>
            @endif
        @endif
    </span>
    <span class="cost">
        @if ($cost === null)
            <span class="text-ink-soft">@if ($piece->isToBuy()) – @else {{
                __('plan/views/partials/piece.unknown') }} @endif</span>
        @elseif ($planned->price->state->value === 'free')
            {{ __('plan/views/partials/piece.free') }}
        @else
            <b class="figure font-semibold" @if ($planned->quantity > 1)
                title="{{ __('plan/views/partials/piece.price-each', [
                    'price' => $planned->price->each->format(),
                ]) }}" @endif>{{ $cost->format() }}</b>
        @endif
    </span>
    <span class="flex items-center justify-end gap-0.5">
        @if ($isOpen)
            @sheetForm($address, 'patch', ['hx-trigger' => 'change delay:250ms, submit'])
                <input type="hidden" name="was" value="{{ $piece->quantity }}">
                <label class="sr-only" for="count-{{ $piece->id }}">{{ __('plan/views/partials/piece.how-many-name', [
                    'name' => $planned->name,
                ]) }}</label>
                <input class="count" id="count-{{ $piece->id }}" type="number" name="quantity" min="1" max="100"
                    required
                    value="{{ $wrong !== '' && is_scalar(old('quantity')) ? old('quantity') : $piece->quantity }}"
                    @if ($wrong !== '') aria-invalid="true" aria-describedby="{{ $bag }}-wrong" @endif>
            @endSheetForm
            @sheetForm($address, 'delete')
                <button class="icon-button" id="out-{{ $piece->id }}" title="{{
                    __('plan/views/partials/piece.take-it-out') }}">
                    <span class="sr-only">{{ __('plan/views/partials/piece.take-out-name', [
                        'name' => $planned->name,
                    ]) }}</span>
                    <svg class="drawn" width="16" height="16" viewBox="0 0 16 16" aria-hidden="true"><path
                        d="m3 3.4 10 9.4M12.8 3 3.2 13" fill="none" stroke="currentColor" stroke-width="1.8" /></svg>
                </button>
            @endSheetForm
            {{-- What else may be said of it is brought when it is opened: few of the thirty ever are. --}}
            <details class="piece-more" name="piece-more">
                <summary class="icon-button" title="{{ __('plan/boxes.ride.put-into') }}">
                    <span class="sr-only">{{ __('plan/boxes.ride.more', ['name' => $planned->name]) }}</span>
                    <svg class="drawn" width="16" height="16" viewBox="0 0 16 16" aria-hidden="true"><path
                        d="M2.5 6.5v7.2h11V6.5M8 1.8v7.6M5 6.6l3 3 3-3" fill="none" stroke="currentColor"
                        stroke-width="1.6" /></svg>
                </summary>
                <div class="cut p-3" hx-get="{{ $more }}" hx-trigger="intersect once" hx-target="this"
                    hx-swap="outerHTML">
                    <a class="link" href="{{ $more }}">{{ __('plan/boxes.ride.more', ['name' => $planned->name]) }}</a>
                </div>
            </details>
        @else
            <span class="tabular">× {{ $piece->quantity }}</span>
        @endif
    </span>
</div>
@if ($wrong !== '')
    <p class="wrong" id="{{ $bag }}-wrong">{{ $wrong }}</p>
@endif
@foreach ($onPiece->pressing()->all as $finding)
    <p @class(['mb-1 flex gap-1.5', 'text-mend' => $finding->weight->mustBeMended(),
        'text-ink-soft' => ! $finding->weight->mustBeMended()])>
        <x-flag :weight="$finding->weight" />
        <span><b>{{ __("plan/gauges.weights.{$finding->weight->value}") }}.</b> {{ $say->why($finding) }}
            <a class="link text-ink" href="#{{ $finding->anchor() }}">{{
                __('plan/views/partials/piece.what-to-do') }}</a></span>
    </p>
@endforeach
@foreach (array_filter($onPiece->overruled, fn ($left) => $left->finding->weight->mustBeMended()) as $left)
    <p class="mb-1 flex gap-1.5 text-ink-soft">
        <x-flag />
        <span>{{ __('plan/views/partials/piece.value-kept-anyway-because', [
            'value' => __("plan/gauges.weights.{$left->finding->weight->value}"),
            'because' => $left->because,
        ]) }}</span>
    </p>
@endforeach
