<?php

declare(strict_types=1);

namespace App\Http\Controllers\Gather;

use App\Csv\LotWriter;
use App\Http\Responses\CsvDownload;
use App\Models\Box;
use App\Models\Lot;
use App\Pages\Gather\Shortfall;
use Symfony\Component\HttpFoundation\StreamedResponse;

final class ExportController
{
    public function lots(): StreamedResponse
    {
        return CsvDownload::of('lots.csv', static function (): iterable {
            yield LotWriter::headers();
            foreach (Lot::query()->lazyById(500) as $lot) {
                yield LotWriter::row($lot);
            }
        });
    }

    public function shopping(Shortfall $shortfall): StreamedResponse
    {
        return CsvDownload::of('shopping-list.csv', static function () use ($shortfall): iterable {
            yield ['kind', 'to buy', 'needed', 'on hand', 'must-have', 'for'];
            $themes = $shortfall->boxes()->map(static fn (Box $box): string => $box->theme)->all();
            foreach ($shortfall->lines() as $line) {
                yield [
                    $line->kind->name,
                    (string) $line->toBuy(),
                    (string) $line->needed,
                    (string) $line->onHand,
                    $line->isMust ? 'yes' : 'no',
                    implode(', ', array_intersect_key($themes, $line->byBox)),
                ];
            }
        });
    }
}
