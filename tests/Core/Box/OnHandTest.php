<?php

declare(strict_types=1);

namespace Tests\Core\Box;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Box\Shopping\OnHand;
use PluckyWren\Core\Recipient\AgeBand;
use Tests\Core\Data;

final class OnHandTest extends TestCase
{
    #[DataProvider('labels')]
    public function test_clothes_count_for_a_band_that_their_size_suits(
        string $kind,
        string $label,
        string $band,
        bool $suits,
    ): void {
        self::assertSame($suits, OnHand::suits(Data::catalogue()->get($kind), $label, AgeBand::parse($band)));
    }

    /** @return iterable<string, array{string, string, string, bool}> */
    public static function labels(): iterable
    {
        yield 'aimed at the top of the band' => ['t-shirt', '7-8', '4-7', true];
        yield 'far too large' => ['t-shirt', '11-12', '4-7', false];
        yield 'far too small' => ['t-shirt', '2-3', '8-12', false];
        yield 'a label that nobody can read' => ['t-shirt', 'one size', '8-12', true];
        yield 'without a label' => ['t-shirt', '', '8-12', true];
        yield 'what is not worn has no size' => ['soap', '11-12', '4-7', true];
    }

    public function test_what_is_taken_is_not_there_for_the_next(): void
    {
        $onHand = new OnHand(
            ['t-shirt' => ['7-8' => 2, '11-12' => 3, '' => 1], 'soap' => ['' => 4]],
            Data::catalogue(),
        );
        $young = AgeBand::parse('4-7');

        self::assertSame([3, 4], [$onHand->of('t-shirt', $young), $onHand->of('soap', $young)]);
        self::assertSame(
            [2, 1, 0],
            [
                $onHand->take('t-shirt', $young, 2),
                $onHand->take('t-shirt', $young, 5),
                $onHand->take('t-shirt', $young, 1),
            ],
        );
        self::assertSame([0, 3], [$onHand->of('t-shirt', $young), $onHand->of('t-shirt', AgeBand::parse('8-12'))]);
        self::assertSame(0, $onHand->of('unicorn', $young));
    }
}
