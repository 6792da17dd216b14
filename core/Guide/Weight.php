<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide;

/** How much a finding weighs, heaviest first; the values are stored in guides, so they are never renamed. */
enum Weight: string
{
    case Bar = 'bar';
    case Hazard = 'hazard';
    case Missing = 'missing';
    case Ask = 'ask';
    case Tip = 'tip';

    /** Determine if it must be mended before the box is handed in. */
    public function mustBeMended(): bool
    {
        return $this === self::Bar || $this === self::Hazard;
    }

    /** Determine if the drive's checkers take such a thing out. */
    public function isTakenOut(): bool
    {
        return $this === self::Bar;
    }

    /** 0 for the heaviest. */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
