<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Answer;

/** In which way a piece is swapped. */
enum SwapWay: string
{
    case Smaller = 'smaller';
    case Unpacked = 'unpacked';
    case Folded = 'folded';
    case Emptied = 'emptied';
}
