<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\BoxRecord;
use App\Models\LogBox;
use Illuminate\Database\Query\Expression;

/** What was flagged in the boxes of a season as they were handed in, by what was said of it then. */
final class FindingsMet
{
    private const MOST = 6;

    /** @return array<string, int> how many boxes, by the sentence, most first */
    public static function of(int $season): array
    {
        $records = BoxRecord::query()->where('taken_back_at', null);
        $records->whereIn('box_id', LogBox::query()->where('season', $season)->select('box_id'))
            ->crossJoin(new Expression("json_each(record, '$.told.findings') as finding"))
            ->selectRaw("json_extract(finding.value, '$.why') as why, count(distinct box_id) as boxes")
            ->groupBy('why')
            ->orderByRaw('boxes desc, why')
            ->limit(self::MOST);

        return array_map(intval(...), $records->toBase()->pluck('boxes', 'why')->all());
    }
}
