<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Models\Box;
use App\Models\BoxChange;
use App\Words\Words;

/** The boxes that were deleted lately and can be brought back. */
final class DeletedBoxes
{
    private const SHOWN = 30;

    /** @return list<array{change: int, theme: string, by: string, at: string}> `change` is its id; the latest first */
    public static function lately(): array
    {
        $gone = BoxChange::query()->where('what', 'deleted')->where('undone_at', null);
        $gone->whereNotIn('box_id', Box::query()->select('id'))->orderByDesc('id')->limit(self::SHOWN);
        // What a change holds is much, and not told here.
        $gone->select('id', 'theme', 'by', 'created_at');

        return array_values($gone->get()->map(static fn (BoxChange $change): array => [
            'change' => $change->id,
            'theme' => $change->theme,
            'by' => $change->by,
            'at' => Words::moment($change->created_at),
        ])->all());
    }
}
