<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Order;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;

/** One attempt: every piece in turn goes to the best place that is left, or stays out. */
final class Construction
{
    /** @var list<Placement> */
    public array $placements = [];

    /** @var list<Item> */
    public array $leftOut = [];

    private readonly Pile $pile;

    private readonly BentAndTurned $bentAndTurned;

    /** @param array<string, Item> $items */
    public function __construct(
        private readonly Problem $problem,
        array $items,
        private readonly Weighting $weighting,
        private readonly Poses $poses,
        private readonly ?Budget $budget = null,
    ) {
        $this->pile = new Pile($problem->box);
        $this->bentAndTurned = new BentAndTurned($budget);
        foreach ($problem->pinned as $placement) {
            if (! $placement->isNested()) {
                $this->pile->add($placement, $items[$placement->id], pinned: true);
            }
        }
    }

    /**
     * Take over what was placed another way.
     *
     * @param  list<Placement>  $placements
     * @param  array<string, Item>  $items
     */
    public function takeOver(array $placements, array $items): void
    {
        foreach ($placements as $placement) {
            $this->placements[] = $placement;
            if (! $placement->isNested()) {
                $this->pile->add($placement, $items[$placement->id]);
            }
        }
    }

    /** @return list<Standing> what stands in the box, the pinned too */
    public function standing(): array
    {
        return $this->pile->standing;
    }

    /** @param list<Item> $queue */
    public function run(array $queue): void
    {
        $hopeless = [];
        foreach ($queue as $item) {
            // What found no place finds none a moment later, nor does its twin.
            $placement = isset($hopeless[$item->twins()]) || $this->budget?->isSpent() === true
                ? null
                : $this->place($item);
            if ($placement === null) {
                $hopeless[$item->twins()] = true;
                $this->leftOut[] = $item;

                continue;
            }
            $hopeless = [];
            $this->placements[] = $placement;
            $this->pile->add($placement, $item);
        }
    }

    public function place(Item $item): ?Placement
    {
        foreach (Give::cases() as $give) {
            $placement = $this->straight($item, $give)
                ?? $this->bentAndTurned->place($item, $this->pile, $give->ceiling($this->problem->box));
            if ($placement !== null) {
                return $placement;
            }
        }

        return null;
    }

    private function straight(Item $item, Give $give): ?Placement
    {
        $ceiling = $give->ceiling($this->problem->box);
        $best = null;
        $least = INF;
        foreach ($this->pile->spaces as $space) {
            if ($space->z1 >= $ceiling) {
                continue;
            }
            foreach ($this->poses->of($item, $space, $give, $ceiling) as $pose) {
                $gap = min($space->x2 - $space->x1 - $pose->l, $space->y2 - $space->y1 - $pose->w);
                if ($gap < 0 || $space->z1 + $pose->h > min($space->z2, $ceiling)) {
                    continue;
                }
                $score = $this->weighting->level * $space->z1
                    + $this->weighting->height * $pose->h
                    + $this->weighting->gap * $gap
                    + $this->offSchool($item, $pose);
                if ($score >= $least) {
                    continue;
                }
                $part = $this->inCorner($space, $pose);
                $carried = $part === null ? 0.0 : $this->carried($part, $item, $give);
                if (
                    $part !== null
                        && $carried >= Pile::CARRIED
                        && $score + $this->weighting->hang * (1 - $carried) < $least
                ) {
                    $least = $score + $this->weighting->hang * (1 - $carried);
                    $best = new Placement($item->id, 1, null, $pose->how, 0.0, [$part]);
                }
            }
        }

        return $best;
    }

    /** The corner of the space that is nearest a corner of the box, drawn in where the wall slants. */
    private function inCorner(Space $space, Pose $pose): ?Part
    {
        [$x1, $y1, $x2, $y2] = $this->problem->box->freeBetween($space->z1, $pose->h);
        $x1 = max($x1, $space->x1);
        $y1 = max($y1, $space->y1);
        $x2 = min($x2, $space->x2);
        $y2 = min($y2, $space->y2);
        if ($x2 - $x1 < $pose->l || $y2 - $y1 < $pose->w) {
            return null;
        }
        $box = $this->problem->box;
        $atRight = $x1 > $box->topLength - $x2;
        $atBack = $this->problem->order === Order::FlatsWall || $y1 >= $box->topWidth - $y2;

        return new Part(
            $atRight ? $x2 - $pose->l : $x1,
            $atBack ? $y2 - $pose->w : $y1,
            $space->z1,
            $pose->l,
            $pose->w,
            $pose->h,
        );
    }

    /** The share of a part that is carried, or 0 where it may not go for another reason. */
    private function carried(Part $part, Item $item, Give $give): float
    {
        $new = new Standing($part, 0.0, $item, false);

        return $this->pile->allows($new, $give !== Give::LidGivesAll) ? $this->pile->carried($new) : 0.0;
    }

    /** Against a flat thing that lies where its school would have it stand, or stands where it would lie. */
    private function offSchool(Item $item, Pose $pose): float
    {
        if (! $item->isFlat()) {
            return 0.0;
        }
        $stands = $pose->h > $item->size->sides()[2];

        return $stands === ($this->problem->order === Order::FlatsWall) ? 0.0 : 1000.0;
    }
}
