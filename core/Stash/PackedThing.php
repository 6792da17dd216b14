<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

use PluckyWren\Core\Fit\Item;

/** A thing as the fit engine knows it. */
final class PackedThing
{
    public static function of(string $id, Thing $thing, int $quantity = 1): Item
    {
        $kind = $thing->kind;

        return new Item(
            $id,
            $thing->name,
            $thing->measures->size,
            $kind->handling->form,
            $quantity,
            keepUpright: $kind->handling->keepUpright,
            measured: $thing->measures->areTaken,
            squeeze: $kind->handling->squeeze,
            minSide: $kind->handling->minSide,
            cavity: $thing->hollow(),
            gentle: $kind->handling->isGentle,
            weightG: $kind->body->grams === null ? null : (float) $kind->body->grams,
            together: $quantity > 1 && $kind->handling->together,
            hidden: $kind->care->isPrivate,
        );
    }
}
