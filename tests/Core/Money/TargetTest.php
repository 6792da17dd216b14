<?php

declare(strict_types=1);

namespace Tests\Core\Money;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Money\Chain\NonsenseStep;
use PluckyWren\Core\Money\Chain\StepKind;
use PluckyWren\Core\Money\Chain\StepText;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\Target\PastPrice;
use PluckyWren\Core\Money\Target\PriceHistory;
use PluckyWren\Core\Money\Target\PriceJudge;
use PluckyWren\Core\Money\Target\Verdict;

final class TargetTest extends TestCase
{
    public function test_history_knows_the_lowest_the_median_and_last_years(): void
    {
        $history = self::history();

        self::assertSame('0.42', $history->lowest()?->each->format());
        self::assertSame('0.46', $history->median()?->each->format());
        self::assertSame('0.50', $history->lastYears(new DateTimeImmutable('2026-11-18'))?->each->format());
        self::assertNull($history->lastYears(new DateTimeImmutable('2024-11-18')));
        self::assertNull((new PriceHistory)->lowest());
        self::assertNull((new PriceHistory)->median());
    }

    #[DataProvider('prices')]
    public function test_a_price_is_weighed_against_the_target_or_the_best_so_far(
        int $each,
        ?int $target,
        bool $hasHistory,
        int $needed,
        int $days,
        Verdict $verdict,
    ): void {
        $judge = new PriceJudge(
            $target === null ? null : self::cents($target),
            $hasHistory ? self::history() : new PriceHistory,
            [1],
            $needed,
            new DateTimeImmutable('2026-11-18'),
            $days,
        );

        self::assertSame($verdict, $judge->verdict(self::cents($each)));
    }

    /** @return iterable<string, array{int, int|null, bool, int, int, Verdict}> */
    public static function prices(): iterable
    {
        yield 'at the target' => [40, 40, true, 0, 300, Verdict::Buy];
        yield 'a cent over 40 is fair' => [41, 40, true, 0, 300, Verdict::Fair];
        yield '15 % over is fair still' => [46, 40, true, 0, 300, Verdict::Fair];
        yield 'more is worth waiting' => [47, 40, true, 3, 300, Verdict::Wait];
        yield 'unless a box lacks it and the day is near' => [47, 40, true, 3, 23, Verdict::OnlyIfNeeded];
        yield 'near but not needed' => [47, 40, true, 0, 23, Verdict::Wait];
        yield 'without a target the best so far stands for it' => [42, null, true, 0, 300, Verdict::Buy];
        yield 'without both there is nothing to compare' => [42, null, false, 3, 23, Verdict::NothingToCompare];
    }

    public function test_it_tells_the_most_that_a_pack_may_cost(): void
    {
        $judge = new PriceJudge(self::cents(42), new PriceHistory, [], 0, new DateTimeImmutable('2026-11-18'), 0);

        // Nine at 0.42 are 3.78; 15 % more are 4.347.
        self::assertSame([378, 434], [$judge->buyUpTo(9)?->minor, $judge->fairUpTo(9)?->minor]);
        foreach ([1, 7, 9, 24] as $pieces) {
            self::assertSame(
                Verdict::Buy,
                $judge->verdict($judge->buyUpTo($pieces)?->exactly()->dividedAmong($pieces) ?? self::cents(0)),
            );
            self::assertSame(
                Verdict::Fair,
                $judge->verdict($judge->fairUpTo($pieces)?->exactly()->dividedAmong($pieces) ?? self::cents(0)),
            );
        }
        self::assertNull(
            (new PriceJudge(null, new PriceHistory, [], 0, new DateTimeImmutable('2026-11-18'), 0))->buyUpTo(9),
        );
    }

    public function test_the_next_cheap_month_may_be_this_one_or_next_years(): void
    {
        $in = static fn (string $today, int ...$months): ?string => (
            new PriceJudge(null, new PriceHistory, array_values($months), 0, new DateTimeImmutable($today), 0)
        )->nextCheapMonth()?->format('Y-m-d');

        self::assertSame('2027-01-01', $in('2026-11-18', 1));
        self::assertSame('2026-11-01', $in('2026-11-18', 11, 1));
        self::assertSame('2027-08-01', $in('2026-10-31', 9, 8));
        self::assertNull($in('2026-11-18'));
    }

    public function test_steps_are_read_as_people_type_them(): void
    {
        $euro = Currency::of('EUR');
        $ten = self::cents(1000);

        self::assertSame(
            700,
            StepText::read(StepKind::PercentOff, ' 30 % ', $euro)->applied($ten, 1)->rounded()->minor,
        );
        self::assertSame(925, StepText::read(StepKind::PercentOff, '7,5', $euro)->applied($ten, 1)->rounded()->minor);
        self::assertSame(875, StepText::read(StepKind::AmountOff, '1,25', $euro)->applied($ten, 1)->rounded()->minor);
        self::assertSame(667, StepText::read(StepKind::BuyGet, '2 + 1', $euro)->applied($ten, 3)->rounded()->minor);
        foreach (
            [[StepKind::PercentOff, 'half'], [StepKind::Tax, ''], [StepKind::BuyGet, '2 for 1']] as [$kind, $text]
        ) {
            try {
                StepText::read($kind, $text, $euro);
                self::fail("It read “{$text}”.");
            } catch (NonsenseStep $nonsense) {
                self::assertStringStartsWith('step.unreadable', $nonsense->getMessage());
            }
        }
    }

    private static function history(): PriceHistory
    {
        return new PriceHistory(
            new PastPrice(self::cents(50), new DateTimeImmutable('2025-12-20'), 'Mill Lane Stores'),
            new PastPrice(self::cents(42), new DateTimeImmutable('2026-03-01'), 'Tuppence Corner'),
            new PastPrice(self::cents(46), new DateTimeImmutable('2026-06-01'), 'Tuppence Corner'),
            new PastPrice(self::cents(55), new DateTimeImmutable('2025-11-01'), 'Mill Lane Stores'),
        );
    }

    private static function cents(int $minor): ExactAmount
    {
        return (new Money($minor, Currency::of('EUR')))->exactly();
    }
}
