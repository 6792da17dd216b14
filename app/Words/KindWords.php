<?php

declare(strict_types=1);

namespace App\Words;

use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\ItemKind;

/** What is told where a kind is asked for by its name. */
final class KindWords
{
    /** So many kinds are named that may be meant. */
    private const LIKELY = 3;

    /** What somebody is told whose words name no kind: to say one, or which may be meant. */
    public static function notFound(string $asked, Catalogue $catalogue): string
    {
        $likely = array_map(
            static fn (ItemKind $kind): string => $kind->name,
            $catalogue->found($asked, self::LIKELY),
        );

        return match (true) {
            $asked === '' => Words::of('gather/quick.kind'),
            $likely === [] => Words::of('gather/quick.kind-unknown', ['name' => $asked]),
            default => Words::of('gather/quick.kind-likely', ['name' => $asked, 'kinds' => implode(', ', $likely)]),
        };
    }
}
