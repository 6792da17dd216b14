<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Filling;

/** Why something that a box needs is not proposed. */
enum GivenUp: string
{
    /** There is none, or not enough of it. */
    case Nothing = 'nothing';
    /** What there is would be taken out, or warned of. */
    case Flagged = 'flagged';
    /** What there is costs more than the budget allows. */
    case Money = 'money';
    /** With it the lid would not close. */
    case Room = 'room';
}
