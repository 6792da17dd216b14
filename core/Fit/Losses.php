<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit;

/** What a packing leaves out, as far as it matters: the musts, and the value of all of it. */
final readonly class Losses
{
    private function __construct(public int $musts, public float $value) {}

    /** @param list<Item> $leftOut */
    public static function of(array $leftOut): self
    {
        $musts = array_filter($leftOut, static fn (Item $item): bool => $item->must);

        return new self(
            count($musts),
            array_sum(array_map(static fn (Item $item): float => $item->value, $leftOut)),
        );
    }

    public function areNone(): bool
    {
        return $this->musts === 0 && $this->value == 0.0;
    }

    /** @return int below 0 where this is less than $that, 0 where they are alike */
    public function compareTo(self $that): int
    {
        return [$this->musts, $this->value] <=> [$that->musts, $that->value];
    }
}
