<?php

declare(strict_types=1);

namespace App\Fit;

/** What came of trying a packing at length. */
enum LongerTry
{
    /** There is a better packing than was shown, or one at all. */
    case Better;

    case AsGood;

    /** It was not made: another box of the crew's was being worked out. */
    case Waits;
}
