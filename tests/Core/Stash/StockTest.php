<?php

declare(strict_types=1);

namespace Tests\Core\Stash;

use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Stash\NotEnoughLeft;
use PluckyWren\Core\Stash\Stock;

final class StockTest extends TestCase
{
    public function test_what_is_set_aside_is_no_longer_on_hand(): void
    {
        $stock = (new Stock('Soap, pine', 12, 5))->settingAside(3);

        self::assertSame(8, $stock->setAside);
        self::assertSame(4, $stock->onHand());
    }

    public function test_the_last_piece_can_be_set_aside_and_no_more(): void
    {
        $stock = (new Stock('Soap, pine', 6, 5))->settingAside(1);
        self::assertSame(0, $stock->onHand());

        $this->expectException(NotEnoughLeft::class);
        $this->expectExceptionMessage('left.none (name: Soap, pine)');
        $stock->settingAside(1);
    }

    public function test_it_says_how_many_are_left(): void
    {
        $this->expectException(NotEnoughLeft::class);
        $this->expectExceptionMessage('left.fewer (name: Soap, pine, left: 2, asked: 3)');
        (new Stock('Soap, pine', 6, 4))->settingAside(3);
    }

    public function test_a_lot_cannot_hold_fewer_than_are_promised(): void
    {
        $this->expectException(NotEnoughLeft::class);
        $this->expectExceptionMessage('left.fewer-than-set-aside (name: Soap, pine, count: 4)');
        new Stock('Soap, pine', 3, 4);
    }
}
