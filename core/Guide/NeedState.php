<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide;

use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Stash\ItemKind;

/** How far one need is filled by what a box holds. */
final readonly class NeedState
{
    public function __construct(public Need $need, public int $asked, public int $held) {}

    public function isFilled(): bool
    {
        return $this->held >= $this->asked;
    }

    public function lacks(): int
    {
        return max(0, $this->asked - $this->held);
    }

    /**
     * How many of a kind would go towards what is lacking: all of it where nothing else does, else no more than are
     * usual of one kind, so that two different things come to play with, not twice the same.
     */
    public function suggested(ItemKind $kind, AgeBand $band): int
    {
        return $this->need->accepts->isOneKind() && ! $kind->isUsualFor($band)
            ? $this->lacks()
            : min($this->lacks(), $kind->usualCount($band));
    }

    /** Get what is lacking as a key: the same wherever another guide asks for the same and as much of it is there. */
    public function lackingKey(): string
    {
        return "{$this->need->name}|{$this->lacks()}|".(int) ($this->held === 0);
    }
}
