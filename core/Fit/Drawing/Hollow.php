<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Drawing;

use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Placement;

/** The hollow of a piece as a box of its own, so that what is in it can be drawn like what is in the box. */
final class Hollow
{
    /** @param non-empty-list<Placement> $contents in the hollow's own measures */
    public static function of(Item $holder, array $contents): BoxShape
    {
        $cavity = $holder->cavity;
        if ($cavity !== null && ! $cavity->soft) {
            return BoxShape::straight($holder->name, $cavity->length, $cavity->width, $cavity->height, 0);
        }
        $reach = [1, 1, 1];
        foreach ($contents as $placement) {
            foreach ($placement->parts as $part) {
                $reach = [
                    max($reach[0], $part->x + $part->l),
                    max($reach[1], $part->y + $part->w),
                    max($reach[2], $part->top()),
                ];
            }
        }

        return BoxShape::straight($holder->name, $reach[0], $reach[1], $reach[2], 0);
    }
}
