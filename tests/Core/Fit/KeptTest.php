<?php

declare(strict_types=1);

namespace Tests\Core\Fit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Kept;
use PluckyWren\Core\Fit\Order;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Measure\Size;

/** What is preferred of a packing, in a box of 300 x 200 x 100 mm: a floor of 60 000 mm². */
final class KeptTest extends TestCase
{
    /** @param list<array{string, array{int, int, int, int, int, int}}> $parts ids and x, y, z, l, w, h in mm */
    #[DataProvider('covered')]
    public function test_half_of_the_lead_gift_may_be_covered_and_no_more(array $parts, bool $isCovered): void
    {
        self::assertSame($isCovered ? ['lead'] : [], $this->kept($parts)->coveredFirstSights);
    }

    /** @return iterable<string, array{list<array{string, array{int, int, int, int, int, int}}>, bool}> */
    public static function covered(): iterable
    {
        $lead = ['lead', [0, 0, 0, 100, 100, 50]];

        yield 'nothing over it' => [[$lead, ['block', [100, 0, 0, 100, 100, 80]]], false];
        yield 'half of it covered' => [[$lead, ['block', [50, 0, 50, 100, 100, 20]]], false];
        yield 'a little more' => [[$lead, ['block', [49, 0, 50, 100, 100, 20]]], true];
        yield 'the same half covered twice' => [
            [$lead, ['block', [50, 0, 50, 50, 100, 20]], ['other', [50, 0, 70, 50, 100, 20]]], false,
        ];
        yield 'two corners of it, three fifths in all' => [
            [$lead, ['block', [0, 0, 50, 60, 50, 20]], ['other', [40, 50, 50, 60, 50, 20]]], true,
        ];
    }

    public function test_what_is_private_has_something_over_half_of_it(): void
    {
        $vest = ['vest', [0, 0, 0, 100, 100, 20]];

        self::assertSame(['vest'], $this->kept([$vest])->seenPrivates);
        self::assertSame(['vest'], $this->kept([$vest, ['block', [0, 0, 20, 49, 100, 20]]])->seenPrivates);
        self::assertSame([], $this->kept([$vest, ['block', [0, 0, 20, 50, 100, 20]]])->seenPrivates);
    }

    /** @param list<array{string, array{int, int, int, int, int, int}}> $parts */
    #[DataProvider('orders')]
    public function test_how_far_the_order_is_kept(Order $order, array $parts, float $share): void
    {
        self::assertEqualsWithDelta($share, $this->kept($parts, $order)->order, 0.0001);
    }

    /** @return iterable<string, array{Order, list<array{string, array{int, int, int, int, int, int}}>, float}> */
    public static function orders(): iterable
    {
        // A book of 200 x 150 is 30 000 mm², a card of 150 x 100 15 000 mm².
        yield 'nothing flat' => [Order::FlatsFirst, [['block', [0, 0, 0, 50, 50, 50]]], 1.0];
        yield 'both on the floor' => [
            Order::FlatsFirst, [['book', [0, 0, 0, 200, 150, 10]], ['card', [200, 0, 0, 100, 150, 2]]], 1.0,
        ];
        yield 'the card on the book: 30 of 45' => [
            Order::FlatsFirst, [['book', [0, 0, 0, 200, 150, 10]], ['card', [0, 0, 10, 150, 100, 2]]], 30 / 45,
        ];
        yield 'the book on edge: 15 of 45' => [
            Order::FlatsFirst, [['book', [0, 0, 0, 200, 10, 150]], ['card', [0, 10, 0, 150, 100, 2]]], 15 / 45,
        ];
        yield 'last: the book under the block' => [
            Order::FlatsLast,
            [['book', [0, 0, 0, 200, 150, 10]], ['block', [0, 0, 10, 180, 140, 50]], ['card', [0, 0, 60, 150, 100, 2]]],
            15 / 45,
        ];
        // Along a wall of 300 x 100 no more than 30 000 mm² can stand.
        yield 'along the back wall' => [Order::FlatsWall, [['book', [0, 190, 0, 200, 10, 150]]], 1.0];
        yield 'across the box' => [Order::FlatsWall, [['book', [0, 0, 0, 10, 200, 150]]], 0.0];
    }

    /** @param list<array{string, array{int, int, int, int, int, int}}> $parts */
    private function kept(array $parts, Order $order = Order::FlatsFirst): Kept
    {
        $items = [
            'lead' => new Item('lead', 'Lead', Size::ofMm(100, 100, 50), Form::Rigid, firstSight: true),
            'vest' => new Item('vest', 'Vest', Size::ofMm(100, 100, 20), Form::Cloth, hidden: true),
            'book' => new Item('book', 'Book', Size::ofMm(200, 150, 10), Form::Rigid),
            'card' => new Item('card', 'Card', Size::ofMm(150, 100, 2), Form::Sheet),
            'block' => new Item('block', 'Block', Size::ofMm(50, 50, 50), Form::Rigid),
            'other' => new Item('other', 'Other', Size::ofMm(50, 50, 50), Form::Rigid),
        ];
        $placements = array_map(static fn (array $part): Placement => new Placement($part[0], 1, null, How::Flat, 0.0, [
            new Part(...array_map(static fn (int $mm): int => 10 * $mm, $part[1])),
        ]), $parts);

        return Kept::in(BoxShape::straight('Box', 3000, 2000, 1000, 80), $order, $placements, $items);
    }
}
