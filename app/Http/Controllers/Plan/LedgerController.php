<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Http\Responses\CsvDownload;
use App\Models\Box;
use App\Pages\Plan\BoxSheets;
use App\Words\GiftWords;
use Illuminate\Contracts\View\View;
use PluckyWren\Core\Box\Ledger;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What a box cost, piece by piece: as a page, and as a file. */
final readonly class LedgerController
{
    public function __construct(private BoxSheets $sheets) {}

    public function show(Box $box): View
    {
        $sheet = $this->sheets->known(collect([$box->load([...Box::CONTENTS, 'gift.payment'])]))->firstOrFail();

        return view('plan.ledger', [
            'sheet' => $sheet, 'ledger' => Ledger::of($sheet->plan), 'settled' => GiftWords::ofBox($box),
        ]);
    }

    public function export(Box $box): StreamedResponse
    {
        $sheet = $this->sheets->known(collect([$box->load(Box::CONTENTS)]))->firstOrFail();

        return CsvDownload::of("ledger-box-{$box->number}.csv", static function () use ($sheet): iterable {
            yield ['piece', 'lane', 'where from', 'how many', 'each', 'cost', 'sum so far'];
            foreach (
                Ledger::of($sheet->plan)->lines as ['piece' => $planned, 'cost' => $cost, 'sum' => $sum]
            ) {
                yield [
                    $planned->name,
                    $planned->kind->category->value,
                    $sheet->piece($planned->id)->lot?->cameFrom() ?? 'to buy',
                    (string) $planned->quantity,
                    $planned->price->each?->plain() ?? '',
                    $cost?->plain() ?? '',
                    $sum->plain(),
                ];
            }
            yield [
                'sending gift',
                '',
                '',
                '1',
                $sheet->box->sending_gift->plain(),
                $sheet->box->sending_gift->plain(),
                $sheet->gauges->money->total->plain(),
            ];
        });
    }
}
