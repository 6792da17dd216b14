<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Csv\LotWriter;
use App\Models\Box;
use App\Models\Lot;
use App\View\BoxSheets;
use App\View\Ledger;
use App\View\Shortfall;
use PluckyWren\Core\Csv\CsvText;
use Symfony\Component\HttpFoundation\StreamedResponse;

final class ExportController
{
    public function lots(): StreamedResponse
    {
        return self::file('lots.csv', static function (): iterable {
            yield LotWriter::headers();
            foreach (Lot::query()->lazyById(500) as $lot) {
                yield LotWriter::row($lot);
            }
        });
    }

    public function ledger(Box $box, BoxSheets $sheets): StreamedResponse
    {
        $sheet = $sheets->known(collect([$box->load(Box::CONTENTS)]))->firstOrFail();

        return self::file("ledger-box-{$box->number}.csv", static function () use ($sheet): iterable {
            yield ['piece', 'lane', 'where from', 'how many', 'each', 'cost', 'sum so far'];
            foreach (Ledger::of($sheet)->lines as ['piece' => $piece, 'planned' => $planned, 'cost' => $cost, 'sum' => $sum]) {
                yield [$planned->name, $planned->kind->category->value, $piece->lot?->cameFrom() ?? 'to buy', (string) $planned->quantity, $planned->price->each?->plain() ?? '', $cost?->plain() ?? '', $sum->plain()];
            }
            yield ['sending gift', '', '', '1', $sheet->box->sending_gift->plain(), $sheet->box->sending_gift->plain(), $sheet->gauges->money->total->plain()];
        });
    }

    public function shopping(Shortfall $shortfall): StreamedResponse
    {
        return self::file('shopping-list.csv', static function () use ($shortfall): iterable {
            yield ['kind', 'to buy', 'needed', 'on hand', 'must-have', 'for'];
            $themes = $shortfall->boxes()->map(static fn (Box $box): string => $box->theme)->all();
            foreach ($shortfall->lines() as $line) {
                yield [$line->kind->name, (string) $line->toBuy(), (string) $line->needed, (string) $line->onHand, $line->isMust ? 'yes' : 'no', implode(', ', array_intersect_key($themes, $line->byBox))];
            }
        });
    }

    /** @param callable(): iterable<list<string>> $rows */
    private static function file(string $name, callable $rows): StreamedResponse
    {
        return response()->streamDownload(static function () use ($rows): void {
            echo "\u{FEFF}";
            foreach ($rows() as $row) {
                echo CsvText::line($row);
            }
        }, $name, ['Content-Type' => 'text/csv; charset=utf-8']);
    }
}
