<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Bench;

use DateTimeImmutable;
use PluckyWren\Core\Fit\Verdict;

/** How the lid of a box closed in the end, and how that was foretold. */
final readonly class LidSeen
{
    /**
     * @param  list<string>  $softKinds  the kinds of what gives in it, by id
     */
    public function __construct(
        public Verdict $foretold,
        public Verdict $seen,
        public string $boxKind,
        public array $softKinds,
        public DateTimeImmutable $at,
    ) {}

    /** Above 0 where it closed more easily than was foretold, below 0 where it was harder, else 0. */
    public function ease(): int
    {
        return $this->foretold->rank() <=> $this->seen->rank();
    }
}
