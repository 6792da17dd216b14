<?php

declare(strict_types=1);

namespace App\Words;

use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\Inside;
use PluckyWren\Core\Stash\ItemKind;

/** What a kit holds, as people write it: one kind a line with how many of it. */
final class Contents
{
    public static function written(Inside $inside): string
    {
        return implode("\n", array_map(
            static fn (array $one): string => "{$one[1]} ".self::nameOf($one[0]),
            $inside->kinds,
        ));
    }

    /** A retired kind is written by its id, so that it can be read again. */
    private static function nameOf(ItemKind $kind): string
    {
        return resolve(Catalogue::class)->has($kind->id) ? $kind->name : $kind->id;
    }
}
