<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Sizes;

/** How a size label lies to an age band. */
enum BandAim
{
    case AimsRight;
    case Covers;
    case TooSmall;
    case TooLarge;

    /** Determine if it may be meant for a child of the band at all. */
    public function isForIt(): bool
    {
        return $this === self::AimsRight || $this === self::Covers;
    }
}
