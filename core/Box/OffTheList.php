<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

use PluckyWren\Core\Guide\Need;
use PluckyWren\Core\Stash\ItemKind;

/**
 * What comes off a box's list to buy when something out of the stash is put in: as many of its kind; and where none of
 * that is on the list, what stands there for the same need, so that a bar of soap takes the place of a small one.
 */
final readonly class OffTheList
{
    /** @return array<string, int> how many come off, by the id of the piece that is still to buy */
    public static function by(PlannedPiece $picked, Plan $plan): array
    {
        $toBuy = array_values(array_filter($plan->pieces, static fn (PlannedPiece $piece): bool => $piece->isToBuy()));
        $same = array_values(
            array_filter($toBuy, static fn (PlannedPiece $piece): bool => $piece->kind->id === $picked->kind->id),
        );

        return self::counts(
            $same === [] && $toBuy !== [] ? self::forTheSameNeed($picked, $plan, $toBuy) : $same,
            $picked->quantity,
        );
    }

    /**
     * Only what the list brings just to what the guide asks for: where there is more, someone wanted more. What could
     * fill several needs stays, as it may be there for another.
     *
     * @param  list<PlannedPiece>  $toBuy
     * @return list<PlannedPiece>
     */
    private static function forTheSameNeed(PlannedPiece $picked, Plan $plan, array $toBuy): array
    {
        $need = self::onlyNeed($picked->kind, $plan);
        if ($need === null) {
            return [];
        }
        $filling = array_filter(
            $plan->pieces,
            static fn (PlannedPiece $piece): bool => $need->takesAs($piece->kind, $piece->choices->countsAs),
        );
        if (array_sum(array_column($filling, 'quantity')) !== $need->countFor($plan->recipient)) {
            return [];
        }

        return array_values(array_filter(
            $toBuy,
            static fn (PlannedPiece $piece): bool => $piece->choices->countsAs === null
                && self::onlyNeed($piece->kind, $plan) === $need,
        ));
    }

    /** The one need of the guide, among those that are asked for this child, that a kind fills. */
    private static function onlyNeed(ItemKind $kind, Plan $plan): ?Need
    {
        $needs = array_values(array_filter(
            $plan->guide->needsFor($plan->recipient),
            static fn (Need $need): bool => $need->takesKind($kind),
        ));

        return count($needs) === 1 ? $needs[0] : null;
    }

    /**
     * @param  list<PlannedPiece>  $pieces
     * @return array<string, int>
     */
    private static function counts(array $pieces, int $atMost): array
    {
        $counts = [];
        foreach ($pieces as $piece) {
            $count = min($piece->quantity, $atMost);
            if ($count > 0) {
                $counts[$piece->id] = $count;
                $atMost -= $count;
            }
        }

        return $counts;
    }
}
