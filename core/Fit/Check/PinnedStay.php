<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Check;

use PluckyWren\Core\Fit\Placement;

/** What was pinned reappears as it was. */
final class PinnedStay implements Rule
{
    public function breaches(Packing $packing): array
    {
        $breaches = [];
        foreach ($packing->problem->pinned as $pinned) {
            $found = array_filter(
                $packing->result->placements,
                static fn (Placement $placement): bool => $placement->id === $pinned->id,
            );
            $placed = array_shift($found);
            if ($placed != $pinned) {
                $breaches[] = "{$pinned->id} was pinned and has moved.";
            }
        }

        return $breaches;
    }
}
