<?php

declare(strict_types=1);

namespace Tests\Core\Stash\Line;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Stash\Line\LineReader;
use PluckyWren\Core\Stash\Line\ReadReceipt;
use PluckyWren\Core\Stash\Line\ReceiptReader;
use PluckyWren\Core\Stash\Reading\LotReader;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Data;

final class ReceiptReaderTest extends TestCase
{
    private const MOST_KEYS_A_LINE = 18;

    /** @param list<string> $paid */
    #[DataProvider('receipts')]
    public function test_a_receipt_is_met_to_the_cent(string $text, string $till, array $paid): void
    {
        $read = self::read($text);

        self::assertTrue($read->isClear(), (string) json_encode($read->rows));
        self::assertSame($till, $read->receipt?->till->plain());
        self::assertSame(
            $paid,
            array_map(static fn (array $one): ?string => $one['lot']->cost->paid?->plain(), $read->lots()),
        );
    }

    public function test_a_line_costs_few_keys(): void
    {
        foreach (self::receipts() as $name => [$text]) {
            $lines = explode("\n", $text);
            $keys = mb_strlen($text) + 1;
            self::assertLessThanOrEqual(self::MOST_KEYS_A_LINE * count($lines), $keys, $name);
        }
        self::assertCount(12, self::receipts());
    }

    /** What the things cost comes to what the till says, less what is no thing, whatever is on the receipt. */
    public function test_the_shares_always_add_up(): void
    {
        $dice = new Randomizer(new Mt19937(16));
        for ($round = 0; $round < 60; $round++) {
            $lines = [];
            foreach (['soap', 'comb', 'kite', 'rag doll', 'yo-yo'] as $thing) {
                $lines[] = $dice->getInt(1, 12)." {$thing} ".sprintf('%.2f', $dice->getInt(20, 3000) / 100);
            }
            $extras = [
                sprintf('coupon %.2f', $dice->getInt(1, 90) / 100), "tax {$dice->getInt(1, 25)}% on soap, kite",
                "-{$dice->getInt(1, 90)}%", sprintf('delivery %.2f', $dice->getInt(1, 900) / 100), '3 for 2',
                'deposit 0.25', "coupon {$dice->getInt(1, 40)}%", 'rounding -0.01',
            ];
            $text = implode("\n", [...$lines, ...array_slice($dice->shuffleArray($extras), 0, 4)]);
            $read = self::read($text);
            self::assertTrue($read->isClear(), $text);
            $paid = array_map(static fn (array $one): int => $one['lot']->cost->paid->minor ?? 0, $read->lots());
            $sum = array_sum($paid);
            $deposit = str_contains($text, 'deposit') ? 25 : 0;
            self::assertSame($read->receipt?->till->minor, $sum + $deposit, $text);
        }
    }

    #[TestWith(["soap 1.00\ncoupon 2.00", 1, 'more'])]
    #[TestWith(["soap\ncoupon 2.00", 1, 'nothing'])]
    public function test_a_line_that_cannot_be_is_named(string $text, int $line, string $why): void
    {
        $read = self::read($text);

        self::assertFalse($read->isClear());
        self::assertSame([$line, $why], [$read->badLine, $read->why]);
    }

    public function test_a_line_that_touches_what_is_not_there_says_so(): void
    {
        self::assertSame(['kites'], self::read("soap 1.00\ntax 8% on kites")->rows[1]->unknown);
    }

    /** Each begins like a line that is no thing. */
    #[TestWith(['other soap 0.89'])]
    #[TestWith(['points of chalk 0.89'])]
    #[TestWith(['discount stickers 1.00'])]
    public function test_a_thing_is_not_taken_for_a_coupon(string $line): void
    {
        self::assertNull(self::read($line)->rows[0]->extra);
    }

    public function test_what_holds_for_all_lines_gives_way_to_what_a_line_says(): void
    {
        $common = ['place' => 'Mill Lane', 'got_on' => '2026-11-20'];
        $read = self::read("soap 0.89\ncomb 0.40 at Quay Stores yesterday", $common);
        [$soap, $comb] = array_column($read->lots(), 'lot');

        self::assertSame(['Mill Lane', '2026-11-20'], [$soap->origin->place, $soap->origin->gotOn->format('Y-m-d')]);
        self::assertSame(['Quay Stores', '2026-11-26'], [$comb->origin->place, $comb->origin->gotOn->format('Y-m-d')]);
    }

    public function test_what_a_thing_cost_before_its_cuts_is_kept(): void
    {
        [$soap, $comb] = array_column(self::read("soap 1.00\n-20%\ncomb 0.50")->lots(), 'lot');

        self::assertSame(['0.80', '1.00'], [$soap->cost->paid?->plain(), $soap->cost->list?->plain()]);
        self::assertSame(['0.50', null], [$comb->cost->paid?->plain(), $comb->cost->list?->plain()]);
    }

    /** @return array<string, array{string, string, list<string>}> */
    public static function receipts(): array
    {
        /** @var array<string, array{string, string, list<string>}> */
        return require __DIR__.'/receipts.php';
    }

    /** @param array<string, string> $common */
    private static function read(string $text, array $common = []): ReadReceipt
    {
        $today = new DateTimeImmutable('2026-11-27');
        $money = Currency::of('USD');

        return (new ReceiptReader(
            new LineReader(Data::catalogue(), Data::colourNames(), $money, $today),
            new LotReader(Data::catalogue(), Data::colourNames(), $money, $today),
            $money,
        ))->read($text, $common);
    }
}
