<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Answer;

use PluckyWren\Core\Fit\Closure;

/** Pieces to leave out, what that costs in value, and how the lid closes then. */
final readonly class Leaving
{
    /** @param non-empty-array<string, int> $counts how many of each item, by its id */
    public function __construct(public array $counts, public float $value, public ?Closure $closure) {}

    /** @param array<string, int> $set */
    public function isWithin(array $set): bool
    {
        foreach ($this->counts as $id => $count) {
            if (($set[$id] ?? 0) < $count) {
                return false;
            }
        }

        return true;
    }
}
