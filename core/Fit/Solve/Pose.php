<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\How;

/** A block that a piece can be made into, in tenths of a millimetre. */
final readonly class Pose
{
    public function __construct(public int $l, public int $w, public int $h, public How $how) {}
}
