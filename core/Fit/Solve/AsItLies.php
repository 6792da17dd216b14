<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use Generator;
use PluckyWren\Core\Fit\Geometry\Standing;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;

/** What is in the box, none of which moves, and where one more thing could be put beside it or on it. */
final readonly class AsItLies
{
    private Pile $pile;

    /** The one after what is in. */
    private int $step;

    /** @param Problem $problem what is in is pinned */
    public function __construct(Problem $problem)
    {
        $singles = $problem->singles();
        $this->pile = new Pile($problem->box);
        foreach ($problem->pinned as $placement) {
            foreach ($placement->isNested() ? [] : $placement->parts as $part) {
                $this->pile->add(new Standing($part, $placement->angle, $singles[$placement->id], true));
            }
        }
        $this->step = max([0, ...array_column($problem->pinned, 'step')]) + 1;
    }

    /** @return list<array{int, int, int}> length, width and height in each way it may lie */
    public static function turns(Item $item): array
    {
        // What folds or pours may be no thinner than it can be.
        $least = $item->form->takesAnyShape() ? $item->leastSide() : 0;

        return Unit::single(0, [
            max($least, $item->size->length), max($least, $item->size->width), max($least, $item->size->height),
        ])->turns($item->keepUpright);
    }

    /**
     * Try one way it may lie in the corners of walls and of what is in.
     *
     * @param  array{int, int, int}  $sides
     * @param  int  $below  the level that it may not reach
     * @return Generator<int, Part> where it goes, by the level, the lowest first
     */
    public function parts(Item $item, array $sides, int $below = PHP_INT_MAX): Generator
    {
        [$l, $w, $h] = $sides;
        foreach ($this->pile->levels() as $z) {
            if ($z + $h >= $below) {
                return;
            }
            [$x1, $y1, $x2, $y2] = $this->pile->box->freeBetween($z, $h);
            $xs = [$x1, $x2 - $l];
            $ys = [$y2 - $w, $y1];
            foreach ($this->pile->standing as $standing) {
                array_push($xs, $standing->x2, $standing->part->x - $l);
                array_push($ys, $standing->y2, $standing->part->y - $w);
            }
            foreach (array_unique($xs) as $x) {
                foreach (array_unique($ys) as $y) {
                    $part = new Part($x, $y, $z, $l, $w, $h);
                    if ($this->pile->takes(new Standing($part, 0.0, $item, false))) {
                        yield $z => $part;
                    }
                }
            }
        }
    }

    public function placement(Item $item, Part $part): Placement
    {
        return new Placement($item->id, $this->step, null, How::ofBlock($item, $part->h), 0.0, [$part]);
    }
}
