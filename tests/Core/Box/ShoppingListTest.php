<?php

declare(strict_types=1);

namespace Tests\Core\Box;

use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Box\Shopping\BoxOutlook;
use PluckyWren\Core\Box\Shopping\OnHand;
use PluckyWren\Core\Box\Shopping\ShoppingLine;
use PluckyWren\Core\Box\Shopping\ShoppingList;
use Tests\Core\Data;

final class ShoppingListTest extends TestCase
{
    public function test_a_first_timer_buys_the_guides_whole_list(): void
    {
        $lines = self::lines(['a' => Plans::of(null)], []);

        self::assertSame(5, $lines['pencils']->toBuy());
        self::assertSame(2, $lines['socks']->toBuy());
        self::assertTrue($lines['soap']->isMust);
        self::assertSame(['a' => 1], $lines['soap']->byBox);
    }

    public function test_boxes_are_added_up_and_what_is_on_hand_comes_off_once(): void
    {
        $lines = self::lines(
            ['a' => Plans::of(null), 'b' => Plans::of(null, Plans::piece('pencils', 2, null))],
            ['pencils' => 6, 'soap' => 9],
        );

        // Five for a and three for b, less six.
        self::assertSame([8, 6, 2], [$lines['pencils']->needed, $lines['pencils']->onHand, $lines['pencils']->toBuy()]);
        self::assertSame(['a' => 5, 'b' => 3], $lines['pencils']->byBox);
        self::assertSame(0, $lines['soap']->toBuy());
    }

    public function test_an_alternative_on_hand_counts_before_anything_is_bought(): void
    {
        $lines = self::lines(['a' => Plans::of(null)], ['hairbrush' => 1]);

        self::assertSame([1, 0], [$lines['hairbrush']->needed, $lines['hairbrush']->toBuy()]);
        self::assertArrayNotHasKey('comb', $lines);
    }

    public function test_what_stands_on_a_boxs_own_list_is_not_asked_for_twice(): void
    {
        $listed = static fn (string $kind, int $count): PlannedPiece => PlannedPiece::toBuy(
            $kind,
            Plans::piece($kind, 1, null)->kind,
            $count,
        );
        $lines = self::lines(['a' => Plans::of(null, $listed('comb', 1), $listed('stickers', 3))], []);

        self::assertSame(1, $lines['comb']->toBuy());
        self::assertSame([3, false], [$lines['stickers']->toBuy(), $lines['stickers']->isMust]);
        self::assertSame('stickers', array_key_last($lines));
    }

    public function test_a_box_is_weighed_against_its_budget_with_all_that_it_lacks(): void
    {
        // In it: 3 of 6 socks for 4.50 are 2.25, and the sending gift of 9.00. Five pencils are to come at 0.40 each:
        // 2.00.
        $plan = Plans::of(2500, Plans::piece('socks', 3, [450, 6]));
        $lines = array_values(self::lines(['a' => $plan], []));
        $lacking = array_sum(array_map(static fn (ShoppingLine $line): int => $line->byBox['a'], $lines));
        $outlook = BoxOutlook::of('a', $plan, $lines, ['pencils' => Plans::euro(40)->exactly()]);

        self::assertSame(
            ['11.25', '2.00', $lacking - 5],
            [$outlook->soFar->format(), $outlook->expected->format(), $outlook->unpriced],
        );
        self::assertSame(['11.75', false], [$outlook->left()?->format(), $outlook->isOver()]);
        self::assertSame(intdiv(1175, $lacking - 5), $outlook->eachOfTheRest()?->floored()->minor);
        self::assertNull(BoxOutlook::of('a', Plans::of(null), $lines, [])->left());
        // 9.00 of 10.00 are gone, and the pencils alone are 2.00.
        $over = BoxOutlook::of('a', Plans::of(1000), $lines, ['pencils' => Plans::euro(40)->exactly()]);
        self::assertSame([true, '-1.00', null], [$over->isOver(), $over->left()?->format(), $over->eachOfTheRest()]);
    }

    public function test_packs_are_rounded_up_and_the_leftover_is_said(): void
    {
        $line = new ShoppingLine(Data::catalogue()->get('socks'), true, 8, 1, ['a' => 8]);

        self::assertSame([7, 2, 5], [$line->toBuy(), $line->packs(6), $line->leftOver(6)]);
        self::assertSame([7, 0], [$line->packs(1), $line->leftOver(1)]);
        self::assertSame(0, (new ShoppingLine($line->kind, true, 1, 1, []))->packs(6));
    }

    /**
     * @param  array<string, \PluckyWren\Core\Box\Plan>  $plans
     * @param  array<string, int>  $onHand
     * @return array<string, ShoppingLine>
     */
    private static function lines(array $plans, array $onHand): array
    {
        $lines = ShoppingList::of($plans, OnHand::withoutSizes($onHand, Data::catalogue()), Data::catalogue());

        return array_combine(array_map(static fn (ShoppingLine $line): string => $line->kind->id, $lines), $lines);
    }
}
