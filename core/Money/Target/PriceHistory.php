<?php

declare(strict_types=1);

namespace PluckyWren\Core\Money\Target;

use DateTimeImmutable;

/** What was paid for a kind of thing so far, over all seasons. */
final readonly class PriceHistory
{
    /** How far from the same day of last year still counts as last year's season. */
    private const SEASON_DAYS = 60;

    /** @var list<PastPrice> cheapest first */
    public array $cheapestFirst;

    public function __construct(PastPrice ...$prices)
    {
        usort(
            $prices,
            static fn (PastPrice $one, PastPrice $other): int => $one->each->compareTo($other->each)
                ?: $other->on <=> $one->on,
        );
        $this->cheapestFirst = $prices;
    }

    public function isEmpty(): bool
    {
        return $this->cheapestFirst === [];
    }

    public function lowest(): ?PastPrice
    {
        return $this->cheapestFirst[0] ?? null;
    }

    /** The one in the middle; of an even number the cheaper of both. */
    public function median(): ?PastPrice
    {
        return $this->cheapestFirst[intdiv(count($this->cheapestFirst) - 1, 2)] ?? null;
    }

    /** The best of about this time last year. */
    public function lastYears(DateTimeImmutable $today): ?PastPrice
    {
        $lastYear = $today->modify('-1 year');
        foreach ($this->cheapestFirst as $price) {
            if ((int) $lastYear->diff($price->on)->days <= self::SEASON_DAYS) {
                return $price;
            }
        }

        return null;
    }
}
