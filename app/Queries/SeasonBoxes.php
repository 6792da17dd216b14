<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\LogBox;

/** The boxes of all seasons that were handed in: for whom, and what each cost. */
final class SeasonBoxes
{
    /**
     * @return array<int, non-empty-list<array{band: string, gender: string, minor: int, withoutPrice: int}>> newest
     *     season first
     */
    public static function all(): array
    {
        $query = LogBox::query();
        $query->select('season', 'band', 'gender', 'cost_minor', 'without_price')->orderBy('number');
        $seasons = [];
        foreach ($query->toBase()->get() as $row) {
            $seasons[(int) $row->season][] = [
                'band' => $row->band, 'gender' => $row->gender, 'minor' => (int) $row->cost_minor,
                'withoutPrice' => (int) $row->without_price,
            ];
        }
        krsort($seasons);

        return $seasons;
    }
}
