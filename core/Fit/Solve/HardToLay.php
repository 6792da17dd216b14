<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Geometry\Standing;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;

/**
 * What lies straight nowhere in a box: bent or corner to corner it goes onto the floor before everything else, or on
 * top of what is there at the end.
 */
final readonly class HardToLay
{
    private OneByOne $onTheFloor;

    /** @var array<string, Item> what found no place on the floor, by id */
    private array $late;

    /** @var list<Item> everything but what lies on the floor */
    public array $others;

    /**
     * @param  array<string, Item>  $items  all, by id
     * @param  list<Item>  $possible  those to be placed
     */
    public function __construct(
        private Problem $problem,
        private array $items,
        private array $possible,
        private Budget $budget,
    ) {
        $bends = new BentAndTurned;
        $this->onTheFloor = new OneByOne($problem, $items, $budget);
        $this->onTheFloor->run(array_values(array_filter(
            $possible,
            static fn (Item $item): bool => $item->form->keepsItsSides()
                && ! $bends->liesStraight($item, $problem->box),
        )));
        $this->late = array_column($this->onTheFloor->leftOut, null, 'id');
        // What lies on the floor in no way may still lie further up, where the box is broader.
        $this->others = self::without($possible, $this->onTheFloor->placements);
    }

    /** @return list<Standing> what stands on the floor of it, and what is pinned */
    public function standing(): array
    {
        return $this->onTheFloor->standing();
    }

    /** Determine if any of it is to go on top at the end, so that what found no place by then may still get one. */
    public function mayComeLate(): bool
    {
        return $this->late !== [];
    }

    /**
     * A packing of the others together with all of this that goes in.
     *
     * @param  list<Placement>  $placements
     * @return list<Placement>
     */
    public function with(array $placements): array
    {
        $placements = [...$this->onTheFloor->placements, ...$placements];
        $missing = array_values(
            array_filter($this->missing($placements), fn (Item $item): bool => isset($this->late[$item->id])),
        );
        if ($missing === []) {
            return $placements;
        }
        $onTop = new OneByOne($this->problem, $this->items, $this->budget);
        $onTop->takeOver($placements, $this->items);
        $onTop->run($missing);

        return $onTop->placements;
    }

    /**
     * @param  list<Placement>  $placements
     * @return list<Item> what is not among them
     */
    public function missing(array $placements): array
    {
        return self::without($this->possible, $placements);
    }

    /**
     * @param  list<Item>  $items
     * @param  list<Placement>  $placements
     * @return list<Item>
     */
    private static function without(array $items, array $placements): array
    {
        $placed = array_column($placements, null, 'id');

        return array_values(array_filter($items, static fn (Item $item): bool => ! isset($placed[$item->id])));
    }
}
