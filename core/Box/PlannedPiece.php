<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\Price;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Stash\Preparation\Habits;
use PluckyWren\Core\Stash\Preparation\Preparation;
use PluckyWren\Core\Stash\Preparation\Prepared;
use PluckyWren\Core\Stash\Preparation\TasksInACircle;
use PluckyWren\Core\Stash\Preparation\TasksOf;
use PluckyWren\Core\Stash\Source;
use PluckyWren\Core\Stash\Thing;

/** A thing in a box, so many of it: from the stash, or still to buy. */
final readonly class PlannedPiece
{
    /** Of its thing, for short. */
    public ItemKind $kind;

    /** Of its thing, for short. */
    public string $name;

    /**
     * @param  Source|null  $source  null where it is still to buy: planned from the guide's list, not in the stash yet
     * @param  Prepared  $prepared  what was done to how many of them already
     * @param  PieceChoices  $choices  what whoever packs the box said of it
     */
    public function __construct(
        public string $id,
        public Thing $thing,
        public int $quantity,
        public Price $price,
        public ?Source $source,
        public Prepared $prepared = new Prepared,
        public PieceChoices $choices = new PieceChoices,
    ) {
        $this->kind = $thing->kind;
        $this->name = $thing->name;
    }

    /** So many of a kind that are still to buy. */
    public static function toBuy(string $id, ItemKind $kind, int $quantity): self
    {
        return new self($id, Thing::usual($kind), $quantity, Price::unknown(), null);
    }

    public function isToBuy(): bool
    {
        return $this->source === null;
    }

    /** As it is, but so many of it. */
    public function times(int $quantity): self
    {
        return new self(
            $this->id, $this->thing, $quantity, $this->price, $this->source, $this->prepared, $this->choices,
        );
    }

    /** As it is, but for what was decided about it. */
    public function choosing(PieceChoices $choices): self
    {
        return new self(
            $this->id, $this->thing, $this->quantity, $this->price, $this->source, $this->prepared, $choices,
        );
    }

    /** What all of them cost, or null where the price is not known. */
    public function cost(): ?ExactAmount
    {
        return $this->price->times($this->quantity);
    }

    /** @throws TasksInACircle */
    public function preparation(Habits $habits, AgeBand $band): Preparation
    {
        $tasks = (new TasksOf($habits))->thing($this->thing, $this->source, $band);

        return new Preparation($this->choices->tasks->of($tasks), $this->prepared, $this->quantity);
    }

    /** @throws TasksInACircle */
    public function held(Habits $habits, AgeBand $band): Held
    {
        return new Held(
            $this->id,
            $this->thing,
            $this->quantity,
            $this->source,
            $this->preparation($habits, $band),
            countsAs: $this->choices->countsAs,
        );
    }
}
