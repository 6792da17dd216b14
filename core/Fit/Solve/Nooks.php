<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Result;

/**
 * The nooks that a packing leaves under the rim, and what would go into them without anything being moved or pressed.
 */
final readonly class Nooks
{
    private const SHOWN = 5;

    /** A nook is worth telling from this least side on, in tenths of a millimetre: a pencil takes less. */
    private const LEAST_SIDE = 80;

    /** And from this volume on, in cubic tenths of a millimetre: 12 cm³, a rubber or a rolled pair of laces. */
    private const LEAST_VOLUME = 12_000_000;

    private OneByOne $packed;

    public function __construct(private Problem $problem, private Result $result)
    {
        $this->packed = new OneByOne(
            new Problem($problem->box, $problem->items, $problem->order, $result->placements),
            $problem->singles(),
        );
    }

    /** @return list<Part> the largest first, none within another */
    public function largest(): array
    {
        $box = $this->problem->box;
        $room = new Room($box, new Repertoire([]), new EmptySpaces($box, $box->height), false);
        array_map($room->keep(...), $this->packed->standing());
        $nooks = [];
        while (count($nooks) < self::SHOWN) {
            $best = null;
            foreach ($room->spaces->all() as $space) {
                $nook = $this->betweenTheWalls($space);
                if ($nook !== null && $nook->volume() > ($best?->volume() ?? self::LEAST_VOLUME)) {
                    $best = $nook;
                }
            }
            if ($best === null) {
                break;
            }
            $nooks[] = $best;
            $room->spaces->fill($best->corners(), [0, 0, 0, 0.0]);
        }

        return $nooks;
    }

    /** Where a piece would go as things stand; null where it would not, or only under pressure. */
    public function placeFor(Item $item): ?Placement
    {
        $placement = $this->packed->place($item);
        if ($placement === null || $placement->how === How::Pressed) {
            return null;
        }
        foreach ($placement->parts as $part) {
            if (
                $part->top() > $this->problem->box->height
                    || ! $item->form->keepsItsSides() && $part->volume() < $item->size->volume() * 0.99
            ) {
                return null;
            }
        }

        return $placement;
    }

    /** @param array{int, int, int, int, int, int} $space */
    private function betweenTheWalls(array $space): ?Part
    {
        [$x1, $y1, $x2, $y2] = $this->problem->box->freeBetween($space[2], $space[5] - $space[2]);
        [$x, $y] = [max($space[0], $x1), max($space[1], $y1)];
        $nook = new Part($x, $y, $space[2], min($space[3], $x2) - $x, min($space[4], $y2) - $y, $space[5] - $space[2]);

        return min($nook->l, $nook->w, $nook->h) >= self::LEAST_SIDE ? $nook : null;
    }
}
