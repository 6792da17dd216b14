<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

use PluckyWren\Core\Recipient\AgeBand;

/** For whom a kind of thing is right, and how many of it are usual. */
final readonly class Usage
{
    /**
     * @param  list<array{AgeBand, int}>  $counts  how many are usual, by years of age
     * @param  AgeBand|null  $ages  for which it is right; null where it is for anyone
     * @param  list<int>  $cheapMonths  1 to 12, when it is usually cheap
     * @param  list<string>  $countsAs  ids of the kinds in whose place it may stand, where a guide asks for one of
     *     those
     */
    public function __construct(
        public array $counts = [],
        public ?AgeBand $ages = null,
        public array $cheapMonths = [],
        public array $countsAs = [],
    ) {}

    /** Determine if it is usual for some year of a band. */
    public function isUsualFor(AgeBand $band): bool
    {
        return array_filter($this->counts, static fn (array $usual): bool => $usual[0]->sharedYears($band) > 0) !== [];
    }

    /** How many are usual in a box for a band: those of the years that share most with it, 1 where none do. */
    public function usualCount(AgeBand $band): int
    {
        $count = 1;
        $most = 0;
        foreach ($this->counts as [$years, $usual]) {
            if ($years->sharedYears($band) > $most) {
                [$most, $count] = [$years->sharedYears($band), $usual];
            }
        }

        return $count;
    }
}
