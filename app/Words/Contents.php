<?php

declare(strict_types=1);

namespace App\Words;

use PluckyWren\Core\Stash\Catalogue;

/** What a kit holds, as people write it: one kind a line with how many of it. */
final class Contents
{
    /** @param array<string, int> $holds by the kind's id */
    public static function written(array $holds): string
    {
        $catalogue = resolve(Catalogue::class);

        return implode(
            "\n",
            array_map(
                static fn (string $kind, int $count): string => "{$count} ".(
                    $catalogue->has($kind) ? $catalogue->get($kind)->name : $kind
                ),
                array_keys($holds),
                $holds,
            ),
        );
    }
}
