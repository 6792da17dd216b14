<?php

declare(strict_types=1);

namespace Tests\Core\Fit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Order;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Solve\HardToLay;
use PluckyWren\Core\Measure\Size;

final class HardToLayTest extends TestCase
{
    /** What goes on top at the end has no place before: an attempt that has none for it may still be the best. */
    #[DataProvider('sticks')]
    public function test_it_is_known_what_may_still_go_in_at_the_end(int $long, bool $comesLate): void
    {
        // 2000 x 1200 at the rim, so 2332 from corner to corner; 1200 x 700 on the floor, so 1389.
        $tub = new BoxShape('Tub', 2000, 1200, 1200, 700, 1000, 50);
        $stick = new Item('stick', 'Stick', new Size($long, 40, 40), Form::Rigid);
        $problem = new Problem($tub, [$stick], Order::FlatsFirst);
        $hardToLay = new HardToLay($problem, $problem->singles(), [$stick], Budget::ofAttempts(1));

        self::assertSame($comesLate, $hardToLay->mayComeLate());
    }

    /** @return iterable<string, array{int, bool}> */
    public static function sticks(): iterable
    {
        yield 'along the floor' => [1100, false];
        yield 'corner to corner on the floor' => [1300, false];
        yield 'only where the tub is broader' => [1900, true];
    }
}
