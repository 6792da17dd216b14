<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Guide\Need;
use PluckyWren\Core\Stash\Category;

/** A plan as a question to the fit engine. */
final class FitProblem
{
    /** What leaving a piece out would cost, relative to another: a must-have weighs most. Estimates. */
    private const VALUE_NEED = 5.0;

    private const VALUE_WISH = 2.0;

    private const VALUE_OTHER = 1.0;

    public static function of(Plan $plan): Problem
    {
        return new Problem(
            $plan->boxKind->inside,
            array_map(static fn (PlannedPiece $piece): Item => self::item($piece, $plan), $plan->pieces),
            $plan->ways->packingOrder,
        );
    }

    /** The id of the piece that a single of it, `id#2`, belongs to. */
    public static function pieceOf(string $singleId): string
    {
        return explode('#', $singleId)[0];
    }

    /** One of its pieces, or one that might be, as a thing to be packed. */
    public static function item(PlannedPiece $piece, Plan $plan): Item
    {
        $need = self::needFor($piece, $plan->guide->needs, $plan);
        $value = $need !== null
            ? self::VALUE_NEED
            : (self::needFor($piece, $plan->guide->wishes, $plan) !== null ? self::VALUE_WISH : self::VALUE_OTHER);
        $kind = $piece->kind;

        $item = new Item(
            $piece->id,
            $piece->name,
            $piece->thing->measures->size,
            $kind->handling->form,
            $piece->quantity,
            // Eight pencils weigh as much as one notebook: the first of them matters, not each.
            $value / $piece->quantity,
            $need !== null,
            $kind->category === Category::Soft,
            $kind->handling->keepUpright,
            $piece->thing->measures->areTaken,
            $kind->handling->squeeze,
            $kind->handling->minSide,
            $piece->thing->hollow(),
            $kind->handling->isGentle,
            $kind->body->grams === null ? null : (float) $kind->body->grams,
        );
        $holder = $plan->pieceIn($piece);

        return $holder === null ? $item : $item->riding(Holders::single($holder));
    }

    /** @param list<Need> $needs */
    private static function needFor(PlannedPiece $piece, array $needs, Plan $plan): ?Need
    {
        foreach ($needs as $need) {
            $isTaken = $piece->choices->countsAs === null
                ? $need->takesKind($piece->kind)
                : $need->id === $piece->choices->countsAs;
            if ($isTaken && $need->countFor($plan->recipient) > 0) {
                return $need;
            }
        }

        return null;
    }
}
