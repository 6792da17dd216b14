<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

use PluckyWren\Core\Fit\Order;
use PluckyWren\Core\Guide\Guide;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Recipient\Recipient;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\Category;
use PluckyWren\Core\Stash\Preparation\Schools;
use PluckyWren\Core\Stash\Preparation\Task;
use PluckyWren\Core\Stash\Preparation\TasksInACircle;

/** One planned box: for whom, by which guide, in what, for how much, with what in it. */
final readonly class Plan
{
    /**
     * @param  Money|null  $budget  null where none was set
     * @param  list<PlannedPiece>  $pieces
     * @param  array<string, string>  $reasons  why findings were left as they are, by their key
     * @param  list<Task>  $boxDone  what was done to the box itself
     * @param  Catalogue|null  $catalogue  where pieces hold others whose kinds must be known
     * @param  Order  $packingOrder  by which school it is packed
     */
    public function __construct(
        public Recipient $recipient,
        public Guide $guide,
        public BoxKind $boxKind,
        public Money $sendingGift,
        public ?Money $budget,
        public array $pieces,
        public Schools $schools = new Schools,
        public array $reasons = [],
        public array $boxDone = [],
        private ?Catalogue $catalogue = null,
        public Order $packingOrder = Order::FlatsFirst,
    ) {}

    /**
     * @return list<Held> the pieces, and after each what it holds
     *
     * @throws TasksInACircle
     */
    public function held(): array
    {
        $held = [];
        foreach ($this->pieces as $piece) {
            $held[] = $piece->held($this->schools, $this->recipient->band);
            foreach ($piece->holds as $kind => $count) {
                $known = $this->catalogue?->has($kind) === true ? $this->catalogue->get($kind) : null;
                $held[] = new Held(
                    "{$piece->id}/{$kind}",
                    $kind,
                    ($known->name ?? $kind)." in {$piece->name}",
                    $count * $piece->quantity,
                    $known->traits ?? [],
                    $known,
                    $known?->size,
                    false,
                    null,
                    null,
                    [],
                    [],
                    $piece->id,
                );
            }
        }

        return $held;
    }

    /** @return list<PlannedPiece> */
    public function ofCategory(Category $category): array
    {
        return array_values(
            array_filter($this->pieces, static fn (PlannedPiece $piece): bool => $piece->kind->category === $category),
        );
    }

    /** The same box with a piece out of the stash in it, which takes as many of its kind off what is still to buy. */
    public function withPicked(PlannedPiece $piece): self
    {
        $pieces = [];
        foreach ($this->pieces as $one) {
            $left = $one->isToBuy && $one->kind->id === $piece->kind->id
                ? $one->quantity - $piece->quantity
                : $one->quantity;
            if ($left > 0) {
                $pieces[] = $left === $one->quantity ? $one : $one->times($left);
            }
        }

        return $this->but(pieces: [...$pieces, $piece]);
    }

    /** @param callable(PlannedPiece): bool $keep */
    public function onlyThose(callable $keep): self
    {
        return $this->but(pieces: array_values(array_filter($this->pieces, $keep)));
    }

    /** The same box under another guide. */
    public function under(Guide $guide): self
    {
        return $this->but(guide: $guide);
    }

    /** The same pieces in another box. */
    public function in(BoxKind $boxKind): self
    {
        return $this->but(boxKind: $boxKind);
    }

    /** The same box packed by another school. */
    public function packedBy(Order $order): self
    {
        return $this->but(packingOrder: $order);
    }

    /**
     * As it is, but for what is given.
     *
     * @param  list<PlannedPiece>|null  $pieces
     */
    private function but(
        ?Guide $guide = null,
        ?BoxKind $boxKind = null,
        ?array $pieces = null,
        ?Order $packingOrder = null,
    ): self {
        return new self(
            $this->recipient,
            $guide ?? $this->guide,
            $boxKind ?? $this->boxKind,
            $this->sendingGift,
            $this->budget,
            $pieces ?? $this->pieces,
            $this->schools,
            $this->reasons,
            $this->boxDone,
            $this->catalogue,
            $packingOrder ?? $this->packingOrder,
        );
    }
}
