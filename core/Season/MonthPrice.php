<?php

declare(strict_types=1);

namespace PluckyWren\Core\Season;

/** What was paid for things of one kind in one month of whichever year. */
final readonly class MonthPrice
{
    /**
     * @param  string  $kind  the kind's id
     * @param  int  $month  1 to 12
     * @param  int  $lots  how many times it was bought
     * @param  int  $pieces  that these were together
     * @param  int  $minor  minor units of the crew's currency
     */
    public function __construct(
        public string $kind,
        public int $month,
        public int $lots,
        public int $pieces,
        public int $minor,
    ) {}
}
