<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;

/** Puts pieces on the floor of a box before all else, flat or along a wall, where they stay. */
final class Pinning
{
    /** @param list<Placement> $pinned what stands in the box already, by its steps */
    public function __construct(private readonly Problem $problem, public array $pinned) {}

    /**
     * Pin all of an item; nothing is done where there is no room for it there.
     *
     * @param  'left'|'right'|'front'|'back'|null  $wall  null where it is to lie flat, by whichever wall
     */
    public function pin(Item $item, ?string $wall): void
    {
        $ids = array_column($this->pinned, 'id');
        if (in_array($item->singles()[0]->id, $ids, true)) {
            return;
        }
        $bundle = $item->together && $item->quantity > 1 ? new Bundle($item, $this->problem->box) : null;
        foreach ($bundle === null ? $item->singles() : [$bundle->whole] as $single) {
            $part = $this->place($single, $wall);
            if ($part === null) {
                return;
            }
            $step = max([0, ...array_column($this->pinned, 'step')]) + 1;
            $placement = new Placement($single->id, $step, null, How::ofBlock($single, $part->h), 0.0, [$part]);
            array_push($this->pinned, ...($bundle === null ? [$placement] : $bundle->spread($placement)));
        }
    }

    private function place(Item $item, ?string $wall): ?Part
    {
        foreach ($this->blocks($item, $wall) as [$l, $w, $h]) {
            [$x1, $y1, $x2, $y2] = $this->problem->box->freeBetween(0, $h);
            $xs = match ($wall) {
                'left' => [$x1],
                'right' => [$x2 - $l],
                default => [$x1, $x2 - $l, ...$this->ends(static fn (Part $part): int => $part->x + $part->l)],
            };
            $ys = match ($wall) {
                'front' => [$y1],
                'back' => [$y2 - $w],
                default => [$y2 - $w, $y1, ...$this->ends(static fn (Part $part): int => $part->y + $part->w)],
            };
            foreach ($h > $this->problem->box->height ? [] : $xs as $x) {
                foreach ($ys as $y) {
                    $part = new Part($x, $y, 0, $l, $w, $h);
                    if ($x >= $x1 && $y >= $y1 && $x + $l <= $x2 && $y + $w <= $y2 && $this->isFree($part)) {
                        return $part;
                    }
                }
            }
        }

        return null;
    }

    /**
     * The ways it may stand there, the likeliest first: along a wall its longest side, and as little as may be of the
     * floor taken; else flat.
     *
     * @return list<array{int, int, int}>
     */
    private function blocks(Item $item, ?string $wall): array
    {
        $blocks = [];
        // What folds or pours may be no thinner than it can be.
        $least = $item->form->takesAnyShape() ? $item->leastSide() : 0;
        foreach ($item->arrangements() as $size) {
            $sides = [max($least, $size->length), max($least, $size->width), max($least, $size->height)];
            foreach (Unit::single(0, $sides)->turns($item->keepUpright) as [$l, $w, $h]) {
                $blocks[] = [$l, $w, $h];
            }
        }
        usort($blocks, static fn (array $one, array $other): int => match ($wall) {
            'left', 'right' => [-$one[1], $one[0]] <=> [-$other[1], $other[0]],
            'front', 'back' => [-$one[0], $one[1]] <=> [-$other[0], $other[1]],
            default => [$one[2], -$one[0]] <=> [$other[2], -$other[0]],
        });

        return $blocks;
    }

    /**
     * @param  callable(Part): int  $end
     * @return list<int>
     */
    private function ends(callable $end): array
    {
        return array_map(static fn (Placement $placement): int => $end($placement->parts[0]), $this->pinned);
    }

    /** Nothing stands there, nor over it: what is pinned is in first. */
    private function isFree(Part $part): bool
    {
        foreach ($this->pinned as $placement) {
            foreach ($placement->isNested() ? [] : $placement->parts as $other) {
                if (
                    $part->x < $other->x + $other->l && $other->x < $part->x + $part->l
                        && $part->y < $other->y + $other->w && $other->y < $part->y + $part->w
                ) {
                    return false;
                }
            }
        }

        return true;
    }
}
