<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\BoxChange;
use App\Models\Lot;
use PluckyWren\Core\Season\Season;

/** What was planned for a box in a season and did not go in, however it was left out. */
final class LeftOutMost
{
    private const MOST = 6;

    private const LOOKED_AT = 1_000;

    /** @return array<string, int> how many pieces, by the name of their lot, most first */
    public static function of(Season $season): array
    {
        $changes = BoxChange::query()
            ->whereIn('what', ['left-out', 'left-for-next'])
            ->where('undone_at', null)
            ->whereBetween('created_at', [
                $season->from->format('Y-m-d'), $season->to->modify('+1 day')->format('Y-m-d'),
            ]);
        $pieces = [];
        foreach ($changes->orderByDesc('id')->limit(self::LOOKED_AT)->get() as $change) {
            foreach ($change->before['pieces'] as $id => $was) {
                $lot = $was['lot_id'] ?? null;
                if (is_string($lot)) {
                    $pieces[$lot] = ($pieces[$lot] ?? 0)
                        + self::number($was) - self::number($change->after['pieces'][$id] ?? null);
                }
            }
        }
        $names = [];
        foreach (Lot::query()->whereKey(array_keys($pieces))->pluck('name', 'id')->all() as $id => $name) {
            $names[$name] = ($names[$name] ?? 0) + $pieces[$id];
        }
        arsort($names);

        return array_slice(array_filter($names), 0, self::MOST);
    }

    /** @param array<string, mixed>|null $piece */
    private static function number(?array $piece): int
    {
        $quantity = $piece['quantity'] ?? 0;

        return is_numeric($quantity) ? (int) $quantity : 0;
    }
}
