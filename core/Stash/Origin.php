<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

use DateTimeImmutable;

/** Where a lot came from, when, and how it was made or its price was found. */
final readonly class Origin
{
    /**
     * @param  string|null  $place  the shop, or the giver
     * @param  DateTimeImmutable|null  $dueOn  when it is to come, where it is ordered and not here yet
     * @param  string|null  $materials  of a made thing
     * @param  int|null  $minutes  it took to make
     * @param  string|null  $desk  the question at the price desk from which its price came
     */
    public function __construct(
        public Source $source,
        public ?string $place,
        public DateTimeImmutable $gotOn,
        public ?DateTimeImmutable $dueOn = null,
        public ?string $materials = null,
        public ?int $minutes = null,
        public ?string $desk = null,
    ) {}
}
