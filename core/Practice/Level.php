<?php

declare(strict_types=1);

namespace PluckyWren\Core\Practice;

/** How hard a practice box is: the first is of pictures only. */
enum Level: int
{
    case Pictures = 1;
    case Names = 2;
    case Full = 3;

    /** How many of so many needs are filled: a few where it is easy, nearly all where it is not. */
    public function filled(int $needs): int
    {
        return match ($this) {
            self::Pictures => min(5, $needs),
            self::Names => max(1, $needs - 3),
            self::Full => max(1, $needs - 2),
        };
    }

    /** How many of them may not go in. */
    public function wrongs(): int
    {
        return match ($this) {
            self::Pictures => 2,
            self::Names => 3,
            self::Full => 4,
        };
    }

    /** Determine if things are called by their names. */
    public function hasWords(): bool
    {
        return $this !== self::Pictures;
    }

    /** Determine if what is missing is asked for too. */
    public function asksForMissing(): bool
    {
        return $this !== self::Pictures;
    }
}
