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
    public function test_it_says_whether_the_pack_bears_the_claim_out_and_what_would(int $pack, int $pieces, int $claimed, bool $holds, ?int $piecesNeeded, int $packNeeded): void
    {
        $euro = static fn (int $cents): Money => new Money($cents, Currency::of('EUR'));
        $check = ClaimCheck::of($euro($pack), $pieces, $euro($claimed));

        self::assertSame([$holds, $piecesNeeded, $packNeeded], [$check->holds, $check->piecesNeeded, $check->packNeeded->minor]);
    }

    /** @return iterable<string, array{int, int, int, bool, int|null, int}> */
    public static function claims(): iterable
    {
        yield 'nine for 4.19 are not 0.30 each: that needs 14, or a pack at 2.70' => [419, 9, 30, false, 14, 270];
        yield 'they are 0.47' => [419, 9, 47, true, 9, 423];
        yield 'to the cent' => [552, 12, 46, true, 12, 552];
        yield 'nothing each is borne out by no number' => [419, 9, 0, false, null, 0];
        yield 'a free pack costs nothing each' => [0, 9, 0, true, null, 0];
    }
}
