<?php

declare(strict_types=1);

namespace Tests\Core\Money;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Money\ClaimCheck;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;

final class ClaimCheckTest extends TestCase
{
    #[DataProvider('claims')]
    public function test_it_says_whether_the_pack_bears_the_claim_out_and_what_would(
        int $pack,
        int $pieces,
        int $claimed,
        bool $holds,
        ?int $piecesNeeded,
        int $packNeeded,
    ): void {
        $euro = static fn (int $cents): Money => new Money($cents, Currency::of('EUR'));
        $check = ClaimCheck::of($euro($pack), $pieces, $euro($claimed));

        self::assertSame(
            [$holds, $piecesNeeded, $packNeeded],
            [$check->holds, $check->piecesNeeded, $check->packNeeded->minor],
        );
    }

    /**
     * By a search through all numbers: the one that is named bears the claim out and no smaller one does; none is named
     * where none does.
     */
    public function test_a_number_is_named_only_where_it_bears_the_claim_out(): void
    {
        $euro = static fn (int $cents): Money => new Money($cents, Currency::of('EUR'));
        for ($pack = 1; $pack <= 400; $pack += 7) {
            for ($claim = 1; $claim <= 120; $claim += 3) {
                $bears = array_values(
                    array_filter(
                        range(1, $pack * 2 + 1),
                        static fn (int $n): bool => (int) round($pack / $n) === $claim,
                    ),
                );

                self::assertSame(
                    $bears[0] ?? null,
                    ClaimCheck::of($euro($pack), 3, $euro($claim))->piecesNeeded,
                    "{$pack} at {$claim}",
                );
            }
        }
    }

    /** @return iterable<string, array{int, int, int, bool, int|null, int}> */
    public static function claims(): iterable
    {
        yield 'nine for 4.19 are not 0.30 each: that needs 14, or a pack at 2.70' => [419, 9, 30, false, 14, 270];
        yield 'they are 0.47' => [419, 9, 47, true, 9, 423];
        yield 'to the cent' => [552, 12, 46, true, 12, 552];
        yield 'no number of pieces makes 1.00 out of 1.40' => [140, 1, 100, false, null, 100];
        yield 'a number that only comes near is not named' => [100, 3, 36, false, null, 108];
        yield 'nothing each is borne out by no number' => [419, 9, 0, false, null, 0];
        yield 'a free pack costs nothing each' => [0, 9, 0, true, null, 0];
    }
}
