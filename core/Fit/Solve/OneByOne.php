<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Geometry\Standing;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;

/**
 * Puts single pieces beside what stands in a box already: straight where they go, else bent up a wall or corner to
 * corner.
 */
final class OneByOne
{
    /** @var list<Placement> what was put in */
    public array $placements = [];

    /** @var list<Item> */
    public array $leftOut = [];

    private readonly Pile $pile;

    private readonly Room $room;

    private readonly BestPlace $bestPlace;

    private readonly BentAndTurned $bentAndTurned;

    /** @param array<string, Item> $items all, by id */
    public function __construct(
        private readonly Problem $problem,
        array $items,
        private readonly ?Budget $budget = null,
    ) {
        $box = $problem->box;
        $this->pile = new Pile($box);
        $this->room = new Room(
            $box,
            new Repertoire([]),
            new EmptySpaces($box, $box->height + $box->bulge, parks: true),
            true,
        );
        $this->bestPlace = new BestPlace($this->room, $box, $problem->order, Weighting::number(0));
        $this->bentAndTurned = new BentAndTurned($budget);
        foreach ($problem->pinned as $placement) {
            $this->stand($placement, $items[$placement->id], pinned: true);
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
            $this->stand($placement, $items[$placement->id]);
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
            $this->stand($placement, $item);
        }
    }

    /** Where a piece would go as things stand; the lid gives only where nothing else helps. */
    public function place(Item $item): ?Placement
    {
        $box = $this->problem->box;
        $straight = $this->straight($item);
        if ($straight !== null && $straight->parts[0]->top() <= $box->height) {
            return $straight;
        }
        $under = $this->bentAndTurned->place($item, $this->pile, $box->height);

        return $under ?? $straight
            ?? $this->bentAndTurned->place($item, $this->pile, $box->height + intdiv($box->bulge, 2))
            ?? $this->bentAndTurned->place($item, $this->pile, $box->height + $box->bulge);
    }

    private function straight(Item $item): ?Placement
    {
        $best = $this->bestPlace->of($item);
        if ($best === null) {
            return null;
        }
        [$block, $how] = $best;
        $part = Part::between($block);

        return new Placement(
            $item->id,
            1,
            null,
            $how ?? How::standing($part->h, ...$item->size->sides()),
            0.0,
            [$part],
        );
    }

    private function stand(Placement $placement, Item $item, bool $pinned = false): void
    {
        foreach ($placement->isNested() ? [] : $placement->parts as $part) {
            $standing = new Standing($part, $placement->angle, $item, $pinned);
            $this->pile->add($standing);
            $this->room->keep($standing);
        }
    }
}
