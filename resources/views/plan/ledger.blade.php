@php
    $money = $sheet->gauges->money;
    $words = $write->gauges($sheet->gauges);
@endphp
<x-layout :title="'Ledger, '.$sheet->box->theme" station="shelf">
    <div class="mx-auto max-w-4xl">
        <div class="flex flex-wrap items-end justify-between gap-3 pb-3">
            <div>
                <h1>Ledger of “{{ $sheet->box->theme }}”</h1>
                <p class="text-ink-soft">
                    Every piece, where it came from, what it cost exactly, in {{ $money->total->currency->code }}.
                </p>
            </div>
            <a class="button no-print ml-auto" href="{{ route('export.ledger', $sheet->box) }}">As CSV</a>
            <a class="button no-print" href="{{ route('boxes.show', $sheet->box) }}">Back to the box</a>
        </div>
        <section class="cut overflow-x-auto px-4 py-2" tabindex="0" aria-label="Ledger">
            <table class="w-full tabular">
                <thead class="text-left text-ink-soft">
                    <tr>
                        <th class="py-1.5 pr-3 font-normal">Piece</th>
                        <th class="pr-3 font-normal">Where from</th>
                        <th class="pr-3 text-right font-normal">How many</th>
                        <th class="pr-3 text-right font-normal">Each</th>
                        <th class="pr-3 text-right font-normal">Cost</th>
                        <th class="text-right font-normal">Sum so far</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($ledger->lines as ['piece' => $planned, 'cost' => $cost, 'sum' => $sum])
                        @php($piece = $sheet->piece($planned->id))
                        <tr class="border-t-[1.5px] border-line">
                            <th scope="row" class="py-1.5 pr-3 text-left font-semibold">{{ $planned->name }}</th>
                            <td class="pr-3 text-ink-soft">
                                {{ $piece->isToBuy() ? 'to buy' : $piece->lot->cameFrom() }}@if ($piece->lot?->paid),
                                    {{ $piece->lot->pieces }} for {{ $piece->lot->paid->format() }}@endif
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
                        <th scope="row" colspan="5" class="py-1.5 text-left font-normal">Shipping gift,
                            {{ $settled }}</th>
                        <td class="text-right">{{ $money->sendingGift->format() }}</td>
                    </tr>
                    <tr class="border-t-[1.5px] border-line font-semibold">
                        <th scope="row" colspan="5" class="py-1.5 text-left">Together</th>
                        <td class="text-right">{{ $money->total->format() }}</td>
                    </tr>
                    @if ($money->budget)
                        <tr class="border-t-[1.5px] border-line">
                            <th scope="row" colspan="5" class="py-1.5 text-left font-normal">Planned</th>
                            <td class="text-right">{{ $money->budget->format() }}</td>
                        </tr>
                    @endif
                </tfoot>
            </table>
        </section>
        <p class="mt-3">{{ ucfirst($words->money()) }}.</p>
    </div>
</x-layout>
