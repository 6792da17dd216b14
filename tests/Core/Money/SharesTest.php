<?php

declare(strict_types=1);

namespace Tests\Core\Money;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\Shares;

final class SharesTest extends TestCase
{
    use TestTrait;

    public function test_the_odd_cents_go_where_most_is_cut_off(): void
    {
        // 10.00 by seven is 142.857 cents: two have 285.714, one 428.571.
        $shares = Shares::of(self::euro(1000), ['a box' => 2, 'another' => 2, 'the stash' => 3]);

        self::assertSame(
            ['a box' => 286, 'another' => 286, 'the stash' => 428],
            array_map(static fn (Money $share): int => $share->minor, $shares),
        );
    }

    public function test_over_any_history_of_picks_returns_and_breakages_every_cent_is_somewhere(): void
    {
        $moves = Generators::seq(
            Generators::tuple(Generators::choose(0, 3), Generators::choose(0, 4), Generators::choose(0, 6)),
        );
        $this->limitTo(150)->forAll(Generators::choose(1, 9999), Generators::choose(1, 60), $moves)->then(
            static function (int $paid, int $pieces, array $moves): void {
                $holders = ['stash' => $pieces, 'box 0' => 0, 'box 1' => 0, 'box 2' => 0, 'broken' => 0];
                $names = array_keys($holders);
                /** @var array{int, int, int} $move */
                foreach ($moves as $move) {
                    // From one holder to another, as many as are asked for and there.
                    [$from, $to, $count] = [$names[$move[0]], $names[$move[1]], $move[2]];
                    $moved = min($count, $holders[$from]);
                    $holders[$from] -= $moved;
                    $holders[$to] += $moved;

                    self::assertSame(
                        $paid,
                        array_sum(
                            array_map(
                                static fn (Money $share): int => $share->minor,
                                Shares::of(self::euro($paid), $holders),
                            ),
                        ),
                    );
                }
            },
        );
    }

    public function test_somebody_must_have_a_piece(): void
    {
        $this->expectException(InvalidMoney::class);
        Shares::of(self::euro(100), ['stash' => 0]);
    }

    private static function euro(int $cents): Money
    {
        return new Money($cents, Currency::of('EUR'));
    }
}
