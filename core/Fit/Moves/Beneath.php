<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Moves;

use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Placement;

/** What a piece cannot lie where it does without: all that lies under it, and what rides in any of that. */
final class Beneath
{
    /** Parts may run into one another by so much, in tenths of a millimetre, and still lie one on the other. */
    private const TOUCHING = 5;

    /**
     * @param  string  $item  the id of the item
     * @param  list<Placement>  $placements  by their steps
     * @return list<Placement> those of the item among them, by their steps; none where it lies nowhere
     */
    public static function with(string $item, array $placements): array
    {
        $wanted = [];
        foreach (array_reverse($placements) as $placement) {
            $isOfIt = Item::idOf($placement->id) === $item;
            $isHeld = $placement->in !== null && isset($wanted[$placement->in]);
            if ($isOfIt || $isHeld || self::carriesAny($placement, $wanted)) {
                $wanted[$placement->id] = $placement;
            }
        }
        // All of a piece, or none: what is of the same item as something beneath stays too.
        $items = array_map(static fn (string|int $id): string => Item::idOf((string) $id), array_keys($wanted));

        return count(array_unique($items)) === 0 ? [] : array_values(array_filter(
            $placements,
            static fn (Placement $placement): bool => isset($wanted[$placement->id])
                || (in_array(Item::idOf($placement->id), $items, true) && $placement->in === null),
        ));
    }

    /** @param array<string, Placement> $wanted */
    private static function carriesAny(Placement $under, array $wanted): bool
    {
        foreach ($under->in === null ? $wanted : [] as $over) {
            if ($over->in === null && self::liesUnder($under, $over)) {
                return true;
            }
        }

        return false;
    }

    /** Determine if one has to be in before the other, as it lies lower within the same outline. */
    public static function liesUnder(Placement $under, Placement $over): bool
    {
        foreach ($under->parts as $low) {
            foreach ($over->parts as $high) {
                // What leans counts as the upright rectangle around its middle: never too little.
                $grown = $under->angle == 0.0 && $over->angle == 0.0 ? 0 : max($low->l, $low->w, $high->l, $high->w);
                if (
                    $low->top() <= $high->z + self::TOUCHING
                        && $low->x - $grown < $high->x + $high->l && $high->x < $low->x + $low->l + $grown
                        && $low->y - $grown < $high->y + $high->w && $high->y < $low->y + $low->w + $grown
                ) {
                    return true;
                }
            }
        }

        return false;
    }
}
