<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit;

/** Tells how long a solve has taken; the core holds no clock of its own. */
interface Stopwatch
{
    /** Milliseconds since it was made. */
    public function elapsedMs(): float;
}
