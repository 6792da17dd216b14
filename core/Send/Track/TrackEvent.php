<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send\Track;

use DateTimeImmutable;

/** One thing that became of boxes, on a day. */
final readonly class TrackEvent
{
    /**
     * @param  list<string>  $takenOut  what the checkers took out, in their words
     * @param  list<string>  $toppedUp  what they put in instead
     * @param  string|null  $country  where they were given out, two letters
     */
    public function __construct(
        public TrackStage $stage,
        public DateTimeImmutable $day,
        public array $takenOut = [],
        public array $toppedUp = [],
        public ?string $country = null,
    ) {}
}
