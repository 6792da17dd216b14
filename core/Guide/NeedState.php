<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide;

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

    /** Get what is lacking as a key: the same wherever another guide asks for the same and as much of it is there. */
    public function lackingKey(): string
    {
        return "{$this->need->name}|{$this->lacks()}|".(int) ($this->held === 0);
    }
}
