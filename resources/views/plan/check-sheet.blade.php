@php($words = $write->gauges($sheet->gauges))
<x-paper :title="__('plan/views/check-sheet.check-sheet-theme', ['theme' => $sheet->box->theme])" station="shelf"
    :print="__('plan/views/check-sheet.print-this-sheet')" :back="__('plan/views/check-sheet.back-to-the-box')"
    :back-to="route('boxes.show', $sheet->box)" :says="__('plan/views/check-sheet.one-page-of-a4-or')">
    <header class="flex items-start justify-between gap-4">
        <div>
            <h1>{{ $sheet->box->theme }}</h1>
            <p>
                {{ __('plan/views/check-sheet.box-number-value-band-name', [
                    'number' => $sheet->box->number,
                    'value' => __("people.{$sheet->box->gender->value}"),
                    'band' => $sheet->box->recipient()->band->label(),
                    'name' => mb_strtolower($sheet->plan->boxKind->name),
                    'measures' => $write->insideOf($sheet->plan->boxKind),
                ]) }}
            </p>
            <p>{{ __('plan/views/check-sheet.drive-guide-of-dated', [
                'drive' => $sheet->plan->guide->edition->drive,
                'dated' => $sheet->plan->guide->edition->dated,
            ]) }}</p>
        </div>
        <x-mark class="h-10 w-11 shrink-0" />
    </header>
    <dl class="my-[3mm] grid grid-cols-[auto_1fr] gap-x-[4mm] gap-y-[0.8mm] border-y border-black py-[2mm]">
        <dt class="font-bold">{{ __('plan/gauges.must-haves') }}</dt>
        <dd>{{ $words->mustHaves() }}. {{ $words->missing() }}</dd>
        <dt class="font-bold">{{ __('plan/gauges.money') }}</dt>
        <dd>{{ $sheet->gauges->money->total->format() }} {{ $words->ofBudget() }}. {{ ucfirst($words->money()) }}.
        </dd>
        <dt class="font-bold">{{ __('plan/gauges.room') }}</dt><dd>{{ $words->room() }}. {{ $words->roomSays() }}
        </dd>
        <dt class="font-bold">{{ __('plan/gauges.flags') }}</dt>
        <dd>{{ $words->flags() }}. {{ ucfirst($words->flagsSay()) }}</dd>
    </dl>
    <div class="lanes">
        @foreach ($choices->lanes as $lane)
            @php([$pieces, $missing] = [$sheet->lane($lane),
                array_filter($sheet->gauges->mustHaves->ofCategory($lane), fn ($state) => ! $state->isFilled())])
            @if ($pieces !== [] || $missing !== [])
                <section>
                    <h2 class="font-bold">{{ __("lanes.{$lane->value}") }}</h2>
                    <ul>
                        @foreach ($pieces as $piece)
                            @php($planned = $sheet->planned($piece))
                            <li @class(['pl-[5mm]' => $sheet->isRider($piece)])>
                                <span class="tick"></span>
                                <span><x-glyph :lane="$planned->kind->category" :kind="$planned->kind"
                                    class="mr-1 inline-block size-4 align-middle" />
                                {{ ($sheet->isRider($piece) ? '↳ ' : '').$planned->name.
                                    ($planned->quantity > 1 ? " × {$planned->quantity}"
                                    : '').($piece->lot?->size_label ? ', '.__('plan/views/check-sheet.size-label',
                                        ['label' => $piece->lot->size_label]) :
                                    '').($piece->isToBuy() ? ', '.__('plan/views/check-sheet.to-buy')
                                        : '') }}</span>
                                <span class="tabular">{{ $planned->price->state->value === 'free'
                                    ? __('plan/views/check-sheet.free')
                                    : ($sheet->gauges->money->byPiece[$piece->id] ?? null)?->format() ?? '–' }}</span>
                            </li>
                            @foreach ($sheet->gauges->flags->onPieceAlone($piece->id)->overruled as $left)
                                <li>
                                    <span>⚑</span>
                                    <span>{{ __('plan/views/check-sheet.value-kept-because-because', [
                                        'value' => __("plan/gauges.weights.{$left->finding->weight->value}"),
                                        'because' => $left->because,
                                    ]) }}</span>
                                </li>
                            @endforeach
                            @foreach ($sheet->gauges->flags->onPieceAlone($piece->id)
                                ->pressing()->all as $finding)
                                <li>
                                    <span>⚑</span>
                                    <span><b>{{ __("plan/gauges.weights.{$finding->weight->value}") }}.</b>
                                        {{ $say->why($finding) }} {{ $say->remedy($finding) }}</span>
                                </li>
                            @endforeach
                        @endforeach
                        @foreach ($missing as $state)
                            <li><span class="tick need"></span><span><b>{{
                                __('plan/views/check-sheet.missing') }}</b> {{ $write->lacking($state) }}</span>
                            </li>
                        @endforeach
                    </ul>
                </section>
            @endif
        @endforeach
    </div>
    @if ($sheet->toldApart() !== [] || $sheet->leftApart() !== [])
        <ul class="mt-[2mm]">
            @foreach ($sheet->toldApart() as $finding)<li>
                    ⚑ <b>{{ $say->about($finding) }}. {{ __("plan/gauges.weights.{$finding->weight->value}") }}.</b>
                    {{ $say->why($finding) }} {{ $say->remedy($finding) }}</li>@endforeach
            @foreach ($sheet->leftApart() as $left)<li>
                    <b>{{ $say->about($left->finding) }}:</b> {{
                        __('plan/views/check-sheet.finding-kept-because-because', [
                        'finding' => $say->why($left->finding),
                        'because' => $left->because,
                    ]) }}
                    </li>@endforeach
        </ul>
    @endif
    <footer class="mt-[2mm] grid grid-cols-[1fr_auto] gap-x-[4mm] border-t border-black pt-[2mm]">
        <span>{{ __('plan/views/check-sheet.pieces') }}</span><span
            class="tabular
            text-right">{{ $sheet->gauges->money->total->minus($sheet->gauges->money->sendingGift)
                ->format() }}</span>
        <span>{{ __('plan/views/check-sheet.shipping-gift') }}</span><span class="tabular text-right">{{
            $sheet->gauges->money->sendingGift->format() }}</span>
        <b>{{ __('plan/views/check-sheet.together-code', [
            'code' => $sheet->gauges->money->total->currency->code,
        ]) }}</b><b
            class="tabular text-right">{{ $sheet->gauges->money->total->format() }}</b>
    </footer>
    <p class="mt-[2mm]">{{ __('plan/views/check-sheet.cautions-are-no-certificate-follow') }}</p>
</x-paper>
