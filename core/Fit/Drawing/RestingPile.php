<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Drawing;

use PluckyWren\Core\Fit\Geometry\Standing;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\RestHeights;

/**
 * The pile as it would stand before the lid presses it: each part at its resting height, lifted by what swells beneath
 * it.
 */
final class RestingPile
{
    /**
     * @param  list<Placement>  $placements
     * @param  array<string, Item>  $items
     * @return list<Placement> those in the open, with what they would measure at rest
     */
    public static function of(array $placements, array $items): array
    {
        $open = array_values(
            array_filter($placements, static fn (Placement $placement): bool => ! $placement->isNested()),
        );
        usort($open, static fn (Placement $one, Placement $other): int => $one->parts[0]->z <=> $other->parts[0]->z);
        $resting = $below = [];
        foreach ($open as $placement) {
            $standing = new Standing($placement->parts[0], $placement->angle, $items[$placement->id], false);
            $lifted = 0;
            foreach ($below as [$under, $swells]) {
                if ($under->top <= $standing->part->z && $under->sharedArea($standing) > 0) {
                    $lifted = max($lifted, $swells);
                }
            }
            [$restHeight] = RestHeights::of($standing->part, $standing->item);
            $grows = (int) round($restHeight) - $standing->part->h;
            $below[] = [$standing, $lifted + $grows];
            $parts = array_map(
                static fn (Part $part): Part => new Part(
                    $part->x,
                    $part->y,
                    $part->z + $lifted,
                    $part->l,
                    $part->w,
                    $part->h,
                ),
                $placement->parts,
            );
            $first = $parts[0];
            $parts[0] = new Part($first->x, $first->y, $first->z, $first->l, $first->w, $first->h + $grows);
            $resting[] = new Placement(
                $placement->id,
                $placement->step,
                null,
                $placement->how,
                $placement->angle,
                $parts,
            );
        }

        return $resting;
    }
}
