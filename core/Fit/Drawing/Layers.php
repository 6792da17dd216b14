<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Drawing;

use PluckyWren\Core\Fit\Placement;

/** A packing taken apart into layers: what starts at about the same level, lowest first. */
final class Layers
{
    /**
     * Pieces that start within so much of the lowest of a layer belong to it, in tenths of a millimetre. An estimate.
     */
    private const THICK = 250;

    /**
     * @param  list<Placement>  $placements
     * @return list<non-empty-list<Placement>> without what is nested, which lies inside its holder
     */
    public static function of(array $placements): array
    {
        $standing = array_values(
            array_filter($placements, static fn (Placement $placement): bool => ! $placement->isNested()),
        );
        usort(
            $standing,
            static fn (Placement $one, Placement $other): int => [$one->parts[0]->z, $one->step] <=> [
                $other->parts[0]->z, $other->step,
            ],
        );
        $layers = [];
        $from = null;
        foreach ($standing as $placement) {
            $z = $placement->parts[0]->z;
            if ($from === null || $z > $from + self::THICK) {
                $layers[] = [$placement];
                $from = $z;
            } else {
                $layers[count($layers) - 1][] = $placement;
            }
        }

        return $layers;
    }
}
