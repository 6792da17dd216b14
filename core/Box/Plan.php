<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

use PluckyWren\Core\Fit\Order;
use PluckyWren\Core\Guide\Guide;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Recipient\Recipient;
use PluckyWren\Core\Stash\Category;
use PluckyWren\Core\Stash\Preparation\Task;
use PluckyWren\Core\Stash\Preparation\TasksInACircle;

/** One planned box: for whom, by which guide, in what, for how much, with what in it. */
final readonly class Plan
{
    /** @param list<PlannedPiece> $pieces */
    public function __construct(
        public Recipient $recipient,
        public Guide $guide,
        public BoxKind $boxKind,
        public Funds $funds,
        public array $pieces,
        public Ways $ways = new Ways,
        public Settled $settled = new Settled,
    ) {}

    /**
     * @return list<Held> the pieces, and after each what it holds
     *
     * @throws TasksInACircle
     */
    public function held(): array
    {
        return array_merge(...array_map($this->heldOf(...), $this->pieces));
    }

    /**
     * @return list<Held> a piece, and after it what it holds
     *
     * @throws TasksInACircle
     */
    public function heldOf(PlannedPiece $piece): array
    {
        $held = [$piece->held($this->ways->habits, $this->recipient->band)];
        $times = [];
        foreach ($piece->thing->inside->things as [$thing, $count]) {
            $kind = $thing->kind->id;
            $times[$kind] = ($times[$kind] ?? 0) + 1;
            $held[] = new Held(
                "{$piece->id}/{$kind}".($times[$kind] > 1 ? "-{$times[$kind]}" : ''),
                $thing->called("{$thing->name} in {$piece->name}"),
                $count * $piece->quantity,
                inside: $piece->id,
            );
        }

        return $held;
    }

    /** Determine if a piece is in it that is known by one of its kind's tasks: the letter by its envelope, say. */
    public function holds(Task $task): bool
    {
        return array_filter(
            $this->pieces,
            static fn (PlannedPiece $piece): bool => ! $piece->isToBuy()
                && in_array($task, $piece->kind->care->tasks, true),
        ) !== [];
    }

    /** Determine if the drive takes a box of this size. */
    public function isWithinLimit(): bool
    {
        return $this->boxKind->isWithin($this->guide->terms->boxLimit);
    }

    /** The piece in which another rides; null where it rides in none, or in one that is not there any more. */
    public function pieceIn(PlannedPiece $rider): ?PlannedPiece
    {
        foreach ($rider->choices->into === null ? [] : $this->pieces as $piece) {
            if ($piece->id === $rider->choices->into && $piece->id !== $rider->id && $piece->choices->into === null) {
                return $piece;
            }
        }

        return null;
    }

    /** @return list<PlannedPiece> */
    public function ofCategory(Category $category): array
    {
        return array_values(
            array_filter($this->pieces, static fn (PlannedPiece $piece): bool => $piece->kind->category === $category),
        );
    }

    /** The same box with a piece out of the stash in it, and what that takes off what is still to buy. */
    public function withPicked(PlannedPiece $piece): self
    {
        $off = OffTheList::by($piece, $this);
        $pieces = [];
        foreach ($this->pieces as $one) {
            $left = $one->quantity - ($off[$one->id] ?? 0);
            if ($left > 0) {
                $pieces[] = $left === $one->quantity ? $one : $one->times($left);
            }
        }

        return $this->with(pieces: [...$pieces, $piece]);
    }

    /** @param callable(PlannedPiece): bool $keep */
    public function onlyThose(callable $keep): self
    {
        return $this->with(pieces: array_values(array_filter($this->pieces, $keep)));
    }

    /**
     * The same box, but for what is given.
     *
     * @param  list<PlannedPiece>|null  $pieces
     */
    public function with(
        ?Guide $guide = null,
        ?BoxKind $boxKind = null,
        ?array $pieces = null,
        ?Order $packingOrder = null,
    ): self {
        return new self(
            $this->recipient,
            $guide ?? $this->guide,
            $boxKind ?? $this->boxKind,
            $this->funds,
            $pieces ?? $this->pieces,
            $packingOrder === null ? $this->ways : new Ways($this->ways->habits, $packingOrder),
            $this->settled,
        );
    }
}
