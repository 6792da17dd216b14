<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit;

/** How the lid closes, best first; the values are part of the file format. */
enum Verdict: string
{
    case Flat = 'flat';
    case Snug = 'snug';
    case Tight = 'tight';
    case Open = 'open';

    /** How many rubber bands hold the lid; none hold one that does not close. */
    public function bands(): int
    {
        return match ($this) {
            self::Flat => 1,
            self::Snug => 2,
            self::Tight => 3,
            self::Open => 0,
        };
    }

    /** From 0 on, the best first. */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }

    public function isBetterThan(self $that): bool
    {
        return $this->rank() < $that->rank();
    }

    public function closes(): bool
    {
        return $this !== self::Open;
    }
}
