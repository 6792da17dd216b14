<?php

declare(strict_types=1);

namespace Tests\Core\Box;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Box\OffTheList;
use PluckyWren\Core\Box\PieceChoices;
use PluckyWren\Core\Box\PlannedPiece;
use Tests\Core\Data;

final class OffTheListTest extends TestCase
{
    /** @return iterable<string, array{PlannedPiece, list<PlannedPiece>, array<string, int>}> */
    public static function picks(): iterable
    {
        $soap = Plans::piece('soap', 1, null);
        yield 'nothing to buy' => [$soap, [Plans::piece('comb', 1, null)], []];
        yield 'its own kind' => [$soap, [self::toBuy('soap', 1), self::toBuy('comb', 1)], ['soap' => 1]];
        yield 'its own kind, of which more is wanted' => [$soap, [self::toBuy('soap', 3)], ['soap' => 1]];
        yield 'its own kind, of which fewer are wanted' => [
            Plans::piece('pencils', 6, null), [self::toBuy('pencils', 4)], ['pencils' => 4],
        ];
        // One bar is asked, and a small one is on the list for it.
        yield 'another kind that fills the same need' => [$soap, [self::toBuy('soap-small', 1)], ['soap-small' => 1]];
        yield 'more than one of it' => [
            Plans::piece('soap', 3, null), [self::toBuy('soap-small', 1)], ['soap-small' => 1],
        ];
        // Two small ones for the one that is asked: someone wants two.
        yield 'more on the list than is asked' => [$soap, [self::toBuy('soap-small', 2)], []];
        yield 'the need filled without the list' => [
            $soap, [self::toBuy('soap-small', 1), Plans::piece('soap', 1, null, 'other')], [],
        ];
        yield 'said to count as something else' => [
            $soap,
            [self::toBuy('soap-small', 1, new PieceChoices(countsAs: 'lead-gift')), Plans::piece('soap', 1, null, 'b')],
            [],
        ];
        yield 'no need of the guide' => [Plans::piece('torch', 1, null), [self::toBuy('soap-small', 1)], []];
    }

    /**
     * @param  list<PlannedPiece>  $pieces
     * @param  array<string, int>  $off
     */
    #[DataProvider('picks')]
    public function test_what_is_picked_takes_off_the_list_what_it_stands_for(
        PlannedPiece $picked,
        array $pieces,
        array $off,
    ): void {
        self::assertSame($off, OffTheList::by($picked, Plans::of(null, ...$pieces)));
    }

    public function test_a_plan_with_a_picked_piece_has_it_in_place_of_what_came_off(): void
    {
        $plan = Plans::of(null, self::toBuy('soap-small', 1), self::toBuy('comb', 2));
        $then = $plan->withPicked(Plans::piece('soap', 1, null))->withPicked(Plans::piece('comb', 1, null, 'ours'));

        self::assertSame(['comb' => 1, 'soap' => 1, 'ours' => 1], array_column($then->pieces, 'quantity', 'id'));
    }

    private static function toBuy(string $kind, int $quantity, ?PieceChoices $choices = null): PlannedPiece
    {
        $piece = PlannedPiece::toBuy($kind, Data::catalogue()->get($kind), $quantity);

        return $choices === null ? $piece : $piece->choosing($choices);
    }
}
