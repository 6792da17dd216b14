<?php

declare(strict_types=1);

namespace App\Fit;

use PluckyWren\Core\Fit\Stopwatch;

/** Real time, from the moment it is made. */
final readonly class WallClock implements Stopwatch
{
    private int $started;

    public function __construct()
    {
        $this->started = hrtime(true);
    }

    public function elapsedMs(): float
    {
        return (hrtime(true) - $this->started) / 1e6;
    }
}
