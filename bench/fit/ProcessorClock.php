<?php

declare(strict_types=1);

namespace Bench\Fit;

use PluckyWren\Core\Fit\Stopwatch;

/** Processor time of this process, so that what else the machine does counts for nothing. */
final readonly class ProcessorClock implements Stopwatch
{
    private float $started;

    public function __construct()
    {
        $this->started = self::now();
    }

    public function elapsedMs(): float
    {
        return self::now() - $this->started;
    }

    private static function now(): float
    {
        $used = getrusage() ?: throw new \RuntimeException('The system does not tell the processor time.');

        return ($used['ru_utime.tv_sec'] + $used['ru_stime.tv_sec']) * 1e3 + (
            $used['ru_utime.tv_usec'] + $used['ru_stime.tv_usec']
        ) / 1e3;
    }
}
