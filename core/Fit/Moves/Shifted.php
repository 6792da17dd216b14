<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Moves;

use PluckyWren\Core\Fit\Placement;

/** The same packing with some pieces going in earlier or later, as far as what lies beneath and above lets them. */
final class Shifted
{
    /**
     * @param  list<Placement>  $placements
     * @param  array<string, int>  $shifts  by the id of the item, so many steps later; below 0 earlier
     * @return list<Placement> by their steps
     */
    public static function order(array $placements, array $shifts): array
    {
        $moves = self::parted(Move::of($placements), $shifts);
        foreach ($shifts as $item => $by) {
            for ($step = 0; $step < abs($by); $step++) {
                $at = self::indexOf($moves, (string) $item);
                $beside = $at === null ? -1 : $at + ($by > 0 ? 1 : -1);
                if ($at === null || ! isset($moves[$beside])) {
                    break;
                }
                if ($moves[min($at, $beside)]->mustPrecede($moves[max($at, $beside)])) {
                    break;
                }
                [$moves[$at], $moves[$beside]] = [$moves[$beside], $moves[$at]];
            }
        }
        $ordered = [];
        foreach (array_values($moves) as $index => $move) {
            foreach ($move->placements as $placement) {
                $ordered[] = $placement->withStep($index + 1);
            }
        }

        return $ordered;
    }

    /**
     * What goes in earlier or later goes in by itself.
     *
     * @param  list<Move>  $moves
     * @param  array<string, int>  $shifts
     * @return list<Move>
     */
    private static function parted(array $moves, array $shifts): array
    {
        $parted = [];
        foreach ($moves as $move) {
            $isMeant = $move->holder() === null && array_intersect_key($shifts, array_flip($move->items())) !== [];
            array_push($parted, ...($isMeant ? $move->each() : [$move]));
        }

        return $parted;
    }

    /** @param array<int, Move> $moves */
    private static function indexOf(array $moves, string $item): ?int
    {
        foreach ($moves as $index => $move) {
            if ($move->holder() === null && in_array($item, $move->items(), true)) {
                return $index;
            }
        }

        return null;
    }
}
