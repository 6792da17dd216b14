<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Geometry\Standing;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;

/** A few places where a thing could be put by hand as things stand, each way that it may lie as low as it goes. */
final class Places
{
    /** Of each way it may lie, so many places are told: the outermost. */
    private const OF_EACH = 2;

    /**
     * @param  Problem  $problem  what is in is pinned
     * @return list<Placement> the lowest first, each with the step after what is in
     */
    public static function for(Problem $problem, Item $item, int $atMost): array
    {
        $singles = $problem->singles();
        $pile = new Pile($problem->box);
        foreach ($problem->pinned as $placement) {
            foreach ($placement->isNested() ? [] : $placement->parts as $part) {
                $pile->add(new Standing($part, $placement->angle, $singles[$placement->id], true));
            }
        }
        $step = max([0, ...array_column($problem->pinned, 'step')]) + 1;
        $least = $item->form->takesAnyShape() ? $item->leastSide() : 0;
        $turns = Unit::single(0, [
            max($least, $item->size->length), max($least, $item->size->width), max($least, $item->size->height),
        ])->turns($item->keepUpright);
        $placements = [];
        foreach ($turns as [$l, $w, $h]) {
            foreach (self::outermost(self::parts($pile, $item, [$l, $w, $h])) as $part) {
                $placements[] = new Placement($item->id, $step, null, How::ofBlock($item, $h), 0.0, [$part]);
            }
        }
        usort($placements, static fn (Placement $one, Placement $other): int => [
            $one->parts[0]->top(), -$one->parts[0]->y, $one->parts[0]->x,
        ] <=> [$other->parts[0]->top(), -$other->parts[0]->y, $other->parts[0]->x]);

        return array_slice($placements, 0, $atMost);
    }

    /**
     * @param  array{int, int, int}  $sides
     * @return list<Part> all on the lowest level that has any
     */
    private static function parts(Pile $pile, Item $item, array $sides): array
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
            $parts = [];
            foreach (array_unique($xs) as $x) {
                foreach (array_unique($ys) as $y) {
                    $part = new Part($x, $y, $z, $l, $w, $h);
                    if ($pile->takes(new Standing($part, 0.0, $item, false))) {
                        $parts[] = $part;
                    }
                }
            }
            if ($parts !== []) {
                return $parts;
            }
        }

        return [];
    }

    /**
     * @param  list<Part>  $parts
     * @return list<Part> the first and the last from the back left corner to the front right one
     */
    private static function outermost(array $parts): array
    {
        usort($parts, static fn (Part $one, Part $other): int => [$one->x - $one->y, $one->x]
            <=> [$other->x - $other->y, $other->x]);

        return count($parts) <= self::OF_EACH ? $parts : [$parts[0], $parts[count($parts) - 1]];
    }
}
