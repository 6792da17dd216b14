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

    /** Determine if as much of the same is lacking as in another, which another guide may ask for. */
    public function lacksAsMuchAs(self $that): bool
    {
        return [$this->need->name, $this->lacks(), $this->held === 0]
            === [$that->need->name, $that->lacks(), $that->held === 0];
    }
}
