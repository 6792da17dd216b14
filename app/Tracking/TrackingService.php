<?php

declare(strict_types=1);

namespace App\Tracking;

use DateTimeInterface;
use PluckyWren\Core\Send\Track\Docket;

/** Where a drive tells what became of the boxes under a docket. */
interface TrackingService
{
    /**
     * Ask once; what is answered is read by the core's `TrackAnswer`, whatever it is.
     *
     * @param  DateTimeInterface  $handedInAt  as the docket says
     *
     * @throws NoAnswer If none came, in good time, that could be one.
     */
    public function ask(Docket $docket, DateTimeInterface $handedInAt): string;
}
