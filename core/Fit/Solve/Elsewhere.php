<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Geometry\Standing;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;

/** Where else a piece could go as things stand, and be carried there. */
final class Elsewhere
{
    /**
     * @param  Problem  $problem  what is in is pinned
     * @param  int  $below  the level that it may not reach, in tenths of a millimetre
     * @return list<Placement> one of each way it may lie, the lowest first, each with the step after what is in
     */
    public static function placements(Problem $problem, Item $item, Part $refused, int $below): array
    {
        $singles = $problem->singles();
        $pile = new Pile($problem->box);
        foreach ($problem->pinned as $placement) {
            foreach ($placement->isNested() ? [] : $placement->parts as $part) {
                $pile->add(new Standing($part, $placement->angle, $singles[$placement->id], true));
            }
        }
        $step = max([0, ...array_column($problem->pinned, 'step')]) + 1;
        $placements = [];
        // What folds or pours may be no thinner than it can be.
        $least = $item->form->takesAnyShape() ? $item->leastSide() : 0;
        $turns = Unit::single(0, [
            max($least, $item->size->length), max($least, $item->size->width), max($least, $item->size->height),
        ])->turns($item->keepUpright);
        foreach ($turns as [$l, $w, $h]) {
            $part = self::first($pile, $item, [$l, $w, $h], $refused, $below);
            if ($part !== null) {
                $placements[] = new Placement($item->id, $step, null, How::ofBlock($item, $h), 0.0, [$part]);
            }
        }
        usort($placements, static fn (Placement $one, Placement $other): int => $one->parts[0]->top()
            <=> $other->parts[0]->top());

        return $placements;
    }

    /** @param array{int, int, int} $sides */
    private static function first(Pile $pile, Item $item, array $sides, Part $refused, int $below): ?Part
    {
        [$l, $w, $h] = $sides;
        foreach ($pile->levels() as $z) {
            [$x1, $y1, $x2, $y2] = $pile->box->freeBetween($z, $h);
            $xs = [$x1, $x2 - $l];
            $ys = [$y2 - $w, $y1];
            foreach ($pile->standing as $standing) {
                array_push($xs, $standing->x2, $standing->part->x - $l);
                array_push($ys, $standing->y2, $standing->part->y - $w);
            }
            foreach ($z + $h < $below ? array_unique($xs) : [] as $x) {
                foreach (array_unique($ys) as $y) {
                    $part = new Part($x, $y, $z, $l, $w, $h);
                    $stands = new Standing($part, 0.0, $item, false);
                    if (! self::isSame($part, $refused) && $pile->takes($stands)) {
                        return $part;
                    }
                }
            }
        }

        return null;
    }

    /** As good as the place that it did not go into: over more than half of it. */
    private static function isSame(Part $part, Part $refused): bool
    {
        $along = min($part->x + $part->l, $refused->x + $refused->l) - max($part->x, $refused->x);
        $across = min($part->y + $part->w, $refused->y + $refused->w) - max($part->y, $refused->y);

        return $part->z === $refused->z && $part->h === $refused->h
            && max(0, $along) * max(0, $across) > $part->l * $part->w / 2;
    }
}
