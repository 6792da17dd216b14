<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Line;

use PluckyWren\Core\Money\Currency;

/** What a line says of its price, taken out of it in an order in which nothing is read as something else. */
final readonly class PriceWords
{
    /**
     * @param  list<Amount>  $amounts
     * @param  Amount|null  $was  before a cut, where the line says so
     * @param  array{count: int, minor: int}|null  $deal  so many for so much
     * @param  list<Cut>  $cuts
     * @param  bool  $isLoose  whether a count and a price stand so close that either could be meant: `8x 3.95`
     */
    private function __construct(
        public array $amounts,
        public ?Amount $was,
        public ?array $deal,
        public array $cuts,
        public bool $isFree,
        public bool $isLoose,
        public Counts $counts,
    ) {}

    public static function taken(Scan $scan, Amounts $reader, Currency $currency): self
    {
        $isFree = $scan->take('(?<!\w)(?<!\d\s)(?:for\s+)?free(?!\w)') !== null;
        $isLoose = $scan->find("(?<![\w.,])(?<n>\d{1,4})[x×]\s+(?={$reader->pattern})") !== [];
        [$deal, $was] = [self::deal($scan, $reader), self::wasBefore($scan, $reader)];
        $cuts = (new Cuts($reader, $currency))->taken($scan);
        $times = self::times($scan, $reader);
        $counts = Counts::taken($scan);
        $counts->count ??= $times['count'];

        return new self(
            [...$times['amounts'], ...$reader->taken($scan)],
            $was,
            $deal,
            $cuts,
            $isFree,
            $isLoose,
            $counts,
        );
    }

    /** Determine if an amount of other money than the crew's is among them. */
    public function isOfOtherMoney(): bool
    {
        $minors = [...array_column($this->amounts, 'minor'), $this->was->minor ?? 0, $this->deal['minor'] ?? 0];

        return in_array(Amount::UNREADABLE, $minors, true);
    }

    public function hasPrice(): bool
    {
        return $this->amounts !== [] || $this->deal !== null || $this->isFree;
    }

    /** Get the same with one amount for all there are: a whole number that turned out to be the price. */
    public function withAmount(Amount $amount): self
    {
        return new self(
            [$amount], $this->was, $this->deal, $this->cuts, $this->isFree, $this->isLoose, $this->counts,
        );
    }

    /** @return array{count: int, minor: int}|null so many for so much */
    private static function deal(Scan $scan, Amounts $reader): ?array
    {
        $found = $scan->take("(?<![\w.,])(?<count>\d{1,3})\s+for\s+(?<amount>{$reader->pattern})");

        return $found === null || (int) $found['groups']['count'] < 1 ? null : [
            'count' => (int) $found['groups']['count'],
            'minor' => $reader->minor($found['groups']['amount']) ?? Amount::UNREADABLE,
        ];
    }

    /** Take a price before a cut: `was 2.00`, `2.00 now 1.20`; what it costs now stays in the line. */
    private static function wasBefore(Scan $scan, Amounts $reader): ?Amount
    {
        $amount = $reader->pattern;
        $found = $scan->take("(?<!\w)was:?\s+(?<amount>{$amount})(?:\s*now\b)?")
            ?? $scan->take("(?<amount>{$amount})\s*(?:now\b|→|->|=>|reduced\s+to|down\s+to)(?=\s*{$amount})");

        return $found === null ? null : new Amount(
            $reader->minor($found['groups']['amount']) ?? Amount::UNREADABLE,
            null,
            $found['at'],
            strlen($found['text']),
        );
    }

    /**
     * Take `8 x 0.49` and `8 @ 0.49`, as tills print them.
     *
     * @return array{count: int|null, amounts: list<Amount>}
     */
    private static function times(Scan $scan, Amounts $reader): array
    {
        $amount = $reader->pattern;
        $found = $scan->take(
            "(?<![\w.,/-])(?<count>\d{1,4})(?:\s+[x×*]\s*|[x×*]|\s*@\s*)(?<amount>{$amount})(?:\s*each)?",
        ) ?? $scan->take("(?<amount>{$amount})\s*[x×*]\s*(?<count>\d{1,4})(?![\w/%]|[.,]\d)");

        return $found === null ? ['count' => null, 'amounts' => []] : [
            'count' => (int) $found['groups']['count'],
            'amounts' => [new Amount(
                $reader->minor($found['groups']['amount']) ?? Amount::UNREADABLE,
                Amount::EACH,
                $found['at'],
                strlen($found['text']),
            )],
        ];
    }
}
