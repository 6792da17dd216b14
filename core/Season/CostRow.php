<?php

declare(strict_types=1);

namespace PluckyWren\Core\Season;

use PluckyWren\Core\Stash\Source;

/** What the lots of one kind, from one kind of source and got in one month cost together. */
final readonly class CostRow
{
    /**
     * @param  string  $kind  the kind's id
     * @param  string  $month  `2026-08`
     * @param  int  $lots  how many lots these are
     * @param  int  $withoutPrice  how many of them have no known price
     * @param  int  $paidMinor  minor units of the crew's currency, of those whose price is known
     * @param  int  $savedMinor  minor units below the list prices, of those whose list price is known
     */
    public function __construct(
        public string $kind,
        public Source $source,
        public string $month,
        public int $lots,
        public int $withoutPrice,
        public int $paidMinor,
        public int $savedMinor,
    ) {}
}
