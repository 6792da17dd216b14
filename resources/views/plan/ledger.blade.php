@php
    $money = $sheet->gauges->money;
    $words = $write->gauges($sheet->gauges);
@endphp
<x-layout :title="__('plan/views/ledger.ledger-theme', ['theme' => $sheet->box->theme])" station="shelf">
    <div class="mx-auto max-w-4xl">
        <div class="flex flex-wrap items-end justify-between gap-3 pb-3">
            <div>
                <h1>{{ __('plan/views/ledger.ledger-of-theme', ['theme' => $sheet->box->theme]) }}</h1>
                <p class="text-ink-soft">
                    {{ __('plan/views/ledger.every-piece-where-it-came', [
                        'code' => $money->total->currency->code,
                    ]) }}
                </p>
            </div>
            <a class="button no-print ml-auto" href="{{ route('export.ledger', $sheet->box) }}">{{
                __('plan/views/ledger.as-csv') }}</a>
            <a class="button no-print" href="{{ route('boxes.show', $sheet->box) }}">{{
                __('plan/views/ledger.back-to-the-box') }}</a>
        </div>
        <section class="cut overflow-x-auto px-4 py-2" tabindex="0" aria-label="{{ __('plan/views/ledger.ledger') }}">
            <table class="w-full tabular">
                <thead class="text-left text-ink-soft">
                    <tr>
                        <th class="py-1.5 pr-3 font-normal">{{ __('plan/views/ledger.piece') }}</th>
                        <th class="pr-3 font-normal">{{ __('plan/views/ledger.where-from') }}</th>
                        <th class="pr-3 text-right font-normal">{{ __('plan/views/ledger.how-many') }}</th>
                        <th class="pr-3 text-right font-normal">{{ __('plan/views/ledger.each') }}</th>
                        <th class="pr-3 text-right font-normal">{{ __('plan/views/ledger.cost') }}</th>
                        <th class="text-right font-normal">{{ __('plan/views/ledger.sum-so-far') }}</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($ledger->lines as ['piece' => $planned, 'cost' => $cost, 'sum' => $sum])
                        @php($piece = $sheet->piece($planned->id))
                        <tr class="border-t-[1.5px] border-line">
                            <th scope="row" class="py-1.5 pr-3 text-left font-semibold">{{ $planned->name }}</th>
                            <td class="pr-3 text-ink-soft">
                                {{ $piece->isToBuy() ? __('plan/views/ledger.to-buy')
                                    : $piece->lot->cameFrom() }}@if ($piece->lot?->paid){{
                                    __('plan/views/ledger.pieces-for-paid', [
                                    'pieces' => $piece->lot->pieces,
                                    'paid' => $piece->lot->paid->format(),
                                ]) }}@endif
                            </td>
                            <td class="pr-3 text-right">{{ $planned->quantity }}</td>
                            <td class="pr-3 text-right"><x-each :price="$planned->price" /></td>
                            <td class="pr-3 text-right">{{ $cost === null ? '–' : $cost->format() }}</td>
                            <td class="text-right">{{ $sum->format() }}</td>
                        </tr>
                    @endforeach
                </tbody>
                <tfoot>
                    <tr class="border-t-[1.5px] border-ink">
                        <th scope="row" colspan="5" class="py-1.5 text-left font-normal">{{
                            __('plan/views/ledger.shipping-gift-settled', [
                            'settled' => $settled,
                        ]) }}</th>
                        <td class="text-right">{{ $money->sendingGift->format() }}</td>
                    </tr>
                    <tr class="border-t-[1.5px] border-line font-semibold">
                        <th scope="row" colspan="5" class="py-1.5 text-left">{{ __('plan/views/ledger.together') }}</th>
                        <td class="text-right">{{ $money->total->format() }}</td>
                    </tr>
                    @if ($money->budget)
                        <tr class="border-t-[1.5px] border-line">
                            <th scope="row" colspan="5" class="py-1.5 text-left font-normal">{{
                                __('plan/views/ledger.planned') }}</th>
                            <td class="text-right">{{ $money->budget->format() }}</td>
                        </tr>
                    @endif
                </tfoot>
            </table>
        </section>
        <p class="mt-3">{{ ucfirst($words->money()) }}.</p>
    </div>
</x-layout>
