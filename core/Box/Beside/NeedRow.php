<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Beside;

/** Something that at least one of several boxes still lacks. */
final readonly class NeedRow
{
    /** @param array<string, int|null> $lacks how many each lacks, by the box's id; null where it is not asked for */
    public function __construct(public string $name, public array $lacks) {}
}
