<?php

declare(strict_types=1);

namespace PluckyWren\Core\Money\Target;

/** What to do about a price. */
enum Verdict: string
{
    case Buy = 'buy';
    case Fair = 'fair';
    case Wait = 'wait';
    case OnlyIfNeeded = 'only-if-needed';
    case NothingToCompare = 'nothing-to-compare';
}
