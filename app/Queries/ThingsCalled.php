<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\Lot;

/** What the crew in hand called its own things, so that it finds their kinds by it. */
final class ThingsCalled
{
    /** So many names are looked through, the latest things first. */
    private const MOST = 300;

    /** @return array<string, list<string>> by kind */
    public static function byKind(): array
    {
        $latest = Lot::query()->toBase();
        $latest->select('kind', 'name')->groupBy('kind', 'name')->orderByRaw('max(got_on) desc, name')
            ->limit(self::MOST);
        $names = [];
        foreach ($latest->get() as $row) {
            $names[(string) $row->kind][] = (string) $row->name;
        }

        return $names;
    }
}
