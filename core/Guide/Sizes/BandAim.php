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
}
