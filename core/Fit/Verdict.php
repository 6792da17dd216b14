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

    public function isBetterThan(self $that): bool
    {
        return array_search($this, self::cases(), true) < array_search($that, self::cases(), true);
    }

    public function closes(): bool
    {
        return $this !== self::Open;
    }
}
