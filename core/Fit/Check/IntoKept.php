<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Check;

/** What must ride in a piece rides there, or is left out. */
final class IntoKept implements Rule
{
    public function breaches(Packing $packing): array
    {
        $breaches = [];
        foreach ($packing->known() as [$placement, $item]) {
            if ($item->into !== null && ! self::isOneOf((string) $placement->in, $item->into)) {
                $breaches[] = "{$placement->id} is not in {$item->into}.";
            }
        }

        return $breaches;
    }

    /** Determine if a single piece, `cup#2`, is one of an item. */
    private static function isOneOf(string $single, string $item): bool
    {
        return $single === $item || str_starts_with($single, "{$item}#");
    }
}
