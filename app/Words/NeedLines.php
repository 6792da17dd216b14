<?php

declare(strict_types=1);

namespace App\Words;

use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\Category;

/** What fills a need, as a guide's page shows it and people type it: names of kinds, and “anything in play”. */
final class NeedLines
{
    /**
     * @param  list<string>  $kinds  their ids
     * @param  list<string>  $lanes  their values
     * @return list<string>
     */
    public static function of(array $kinds, array $lanes): array
    {
        $catalogue = resolve(Catalogue::class);

        return [
            ...array_map(static fn (string $kind): string => $catalogue->get($kind)->name, $kinds),
            ...array_map(static fn (string $lane): string => self::anythingIn(Category::from($lane)), $lanes),
        ];
    }

    /** Get the lane of which a line says that anything will do; null where it names a kind. */
    public static function laneIn(string $line): ?Category
    {
        foreach (Category::cases() as $lane) {
            if (mb_strtolower(trim($line)) === mb_strtolower(self::anythingIn($lane))) {
                return $lane;
            }
        }

        return null;
    }

    private static function anythingIn(Category $lane): string
    {
        return Words::of('guides/guides.anything-in', ['lane' => mb_strtolower(Words::of("lanes.{$lane->value}"))]);
    }
}
