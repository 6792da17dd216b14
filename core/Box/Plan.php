<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

use PluckyWren\Core\Guide\Guide;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Recipient\Recipient;
use PluckyWren\Core\Stash\Category;

/** One planned box: for whom, by which guide, in what, for how much, with what in it. */
final readonly class Plan
{
    /**
     * @param  Money|null  $budget  null where none was set
     * @param  list<PlannedPiece>  $pieces
     */
    public function __construct(
        public Recipient $recipient,
        public Guide $guide,
        public BoxKind $boxKind,
        public Money $sendingGift,
        public ?Money $budget,
        public array $pieces,
    ) {}

    /** @return list<Held> */
    public function held(): array
    {
        return array_map(static fn (PlannedPiece $piece): Held => $piece->held(), $this->pieces);
    }

    /** @return list<PlannedPiece> */
    public function ofCategory(Category $category): array
    {
        return array_values(array_filter($this->pieces, static fn (PlannedPiece $piece): bool => $piece->kind->category === $category));
    }

    public function with(PlannedPiece $piece): self
    {
        return new self($this->recipient, $this->guide, $this->boxKind, $this->sendingGift, $this->budget, [...$this->pieces, $piece]);
    }
}
