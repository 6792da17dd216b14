<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\Box;
use App\Models\BoxChange;
use Carbon\CarbonImmutable;
use PluckyWren\Core\Box\Stage;

/** On which day each box of a season got its lid. */
final class PackedDays
{
    /** @return list<CarbonImmutable> of the boxes that have one, by the crew's own clock */
    public static function of(int $season, string $timeZone): array
    {
        $boxes = Box::query()->where('season', $season);
        $boxes->whereIn('stage', Stage::lidOn());
        $changes = BoxChange::query()->where('what', 'moved')->where('undone_at', null);
        $changes->whereIn('box_id', (clone $boxes)->select('id'))
            ->whereRaw("json_extract(after, '$.box.stage') = ?", [Stage::Packed->value])
            ->selectRaw('box_id, max(created_at) as at')
            ->groupBy('box_id');
        $moved = $changes->toBase()->pluck('at', 'box_id')->all();

        // Of a box of which no history tells, the last that is known of it is when it was changed.
        return array_values($boxes->get(['id', 'updated_at', 'handed_in_on'])->map(
            static fn (Box $box): CarbonImmutable => isset($moved[$box->id])
                ? CarbonImmutable::parse($moved[$box->id])->setTimezone($timeZone)
                : $box->handed_in_on ?? $box->updated_at->setTimezone($timeZone),
        )->all());
    }
}
