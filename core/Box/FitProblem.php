<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

use PluckyWren\Core\Box\Packing\Lies;
use PluckyWren\Core\Box\Packing\Pins;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Guide\Need;
use PluckyWren\Core\Stash\Category;
use PluckyWren\Core\Stash\PackedThing;

/** A plan as a question to the fit engine. */
final class FitProblem
{
    /** What leaving a piece out would cost, relative to another: a must-have weighs most. Estimates. */
    private const VALUE_NEED = 5.0;

    private const VALUE_WISH = 2.0;

    private const VALUE_OTHER = 1.0;

    public static function of(Plan $plan): Problem
    {
        $problem = new Problem(
            $plan->boxKind->inside,
            array_map(static fn (PlannedPiece $piece): Item => self::item($piece, $plan), $plan->pieces),
            $plan->ways->packingOrder,
        );
        $wishes = [];
        foreach ($plan->pieces as $piece) {
            if ($piece->choices->packing->lies !== null || $piece->choices->packing->pinned !== []) {
                $wishes[$piece->id] = $piece->choices->packing;
            }
        }

        return $wishes === []
            ? $problem
            : new Problem($problem->box, $problem->items, $problem->order, Pins::of($problem, $wishes));
    }

    /** The id of the piece that a single of it, `id#2`, belongs to. */
    public static function pieceOf(string $singleId): string
    {
        return Item::idOf($singleId);
    }

    /** One of its pieces, or one that might be, as a thing to be packed. */
    public static function item(PlannedPiece $piece, Plan $plan): Item
    {
        $needs = self::needsFilledBy($piece, $plan->guide->needs, $plan);
        $wishes = self::needsFilledBy($piece, $plan->guide->wishes, $plan);
        // A kit weighs what is in it: leaving it out loses every must-have that it holds.
        $value = $needs * self::VALUE_NEED + ($needs === 0 && $wishes > 0 ? self::VALUE_WISH : 0.0);
        $value = $value > 0.0 ? $value : self::VALUE_OTHER;

        // Eight pencils weigh as much as one notebook: the first of them matters, not each.
        $item = PackedThing::of($piece->id, $piece->thing, $piece->quantity)->valued(
            $value / $piece->quantity,
            $needs > 0 || $piece->choices->packing->stays,
            $piece->choices->packing->lies === Lies::Top || self::leads($piece, $plan),
        );
        if ($piece->choices->packing->together !== null && $piece->quantity > 1) {
            $item = $item->together($piece->choices->packing->together);
        }
        $holder = $plan->pieceIn($piece);

        return $holder === null ? $item : $item->riding(Holders::single($holder));
    }

    /** Determine if it is the gift that leads the box: the first lead gift in it, or its friend where it has none. */
    private static function leads(PlannedPiece $piece, Plan $plan): bool
    {
        foreach ([Category::Lead, Category::Soft] as $category) {
            $first = $plan->ofCategory($category)[0] ?? null;
            if ($first !== null) {
                return $first->id === $piece->id;
            }
        }

        return false;
    }

    /**
     * How many of the needs a piece fills, itself or by what lies in it.
     *
     * @param  list<Need>  $needs
     */
    private static function needsFilledBy(PlannedPiece $piece, array $needs, Plan $plan): int
    {
        $filled = 0;
        foreach ($needs as $need) {
            $isFilled = $need->takesAs($piece->kind, $piece->choices->countsAs);
            foreach ($piece->thing->inside->kinds as [$kind]) {
                $isFilled = $isFilled || $need->takesKind($kind);
            }
            $filled += $isFilled && $need->countFor($plan->recipient) > 0 ? 1 : 0;
        }

        return $filled;
    }
}
