<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\Price;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Stash\ItemTrait;
use PluckyWren\Core\Stash\Preparation\Schools;
use PluckyWren\Core\Stash\Preparation\Task;
use PluckyWren\Core\Stash\Preparation\TasksInACircle;
use PluckyWren\Core\Stash\Preparation\TasksOf;
use PluckyWren\Core\Stash\Source;

/** A thing in a box, so many of it: from the stash, or still to buy. */
final readonly class PlannedPiece
{
    /**
     * @param  list<ItemTrait>  $traits
     * @param  bool  $isToBuy  planned from the guide's list, not in the stash yet
     * @param  bool  $isMeasured  whether the size was measured by hand, not taken from the kind
     * @param  Source|null  $source  null where it is still to buy
     * @param  bool  $cameInPackaging  whether it has other measures in its retail packaging
     * @param  bool  $staysInPackaging  whether it goes in that way
     * @param  list<Task>  $done  what was done to it already
     * @param  array<string, int>  $holds  what each of them holds: how many, by the kind's id
     */
    public function __construct(
        public string $id,
        public ItemKind $kind,
        public string $name,
        public int $quantity,
        public Price $price,
        public Size $size,
        public array $traits,
        public bool $isToBuy,
        public bool $isMeasured,
        public ?string $sizeLabel = null,
        public ?Source $source = null,
        public bool $cameInPackaging = false,
        public bool $staysInPackaging = false,
        public array $done = [],
        public array $holds = [],
    ) {}

    /** As it is, but so many of it. */
    public function times(int $quantity): self
    {
        return new self(
            $this->id,
            $this->kind,
            $this->name,
            $quantity,
            $this->price,
            $this->size,
            $this->traits,
            $this->isToBuy,
            $this->isMeasured,
            $this->sizeLabel,
            $this->source,
            $this->cameInPackaging,
            $this->staysInPackaging,
            $this->done,
            $this->holds,
        );
    }

    /** What all of them cost, or null where the price is not known. */
    public function cost(): ?ExactAmount
    {
        return $this->price->times($this->quantity);
    }

    /**
     * @return list<Task> what has to be done to it, in an order in which it can be
     *
     * @throws TasksInACircle
     */
    public function tasks(Schools $schools, AgeBand $band): array
    {
        return (new TasksOf($schools))->piece(
            $this->kind,
            $this->traits,
            $this->source,
            $this->cameInPackaging,
            $this->staysInPackaging,
            $band,
        );
    }

    /** @throws TasksInACircle */
    public function held(Schools $schools, AgeBand $band): Held
    {
        return new Held(
            $this->id,
            $this->kind->id,
            $this->name,
            $this->quantity,
            $this->traits,
            $this->kind,
            $this->size,
            $this->isMeasured,
            $this->sizeLabel,
            $this->source,
            $this->tasks($schools, $band),
            $this->done,
        );
    }
}
