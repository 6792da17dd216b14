<?php

declare(strict_types=1);

namespace Tests\Core\Choose;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Choose\Reach;
use PluckyWren\Core\Money\ExactAmount;
use Tests\Core\Box\Plans;

/** Three boxes lie in the stash, 9.00 ship one; one more wants 2.00, two want 5.50. */
final class ReachTest extends TestCase
{
    #[DataProvider('moneys')]
    public function test_money_sends_what_there_is_first_and_then_makes_more(int $cents, int $sent, int $more): void
    {
        $reach = Reach::of(3, Plans::euro($cents), Plans::euro(900), self::costs());

        self::assertSame([$sent, $more], [$reach->sent, $reach->more]);
    }

    /** @return iterable<string, array{int, int, int}> */
    public static function moneys(): iterable
    {
        yield 'less than none' => [-500, 0, 0];
        yield 'for two' => [2_699, 2, 0];
        yield 'for all three' => [2_700, 3, 0];
        // 2.00 and four times 9.00.
        yield 'a cent too little for a fourth' => [3_799, 3, 0];
        yield 'for a fourth' => [3_800, 3, 1];
        // 5.50 and five times 9.00.
        yield 'for a fifth' => [5_050, 3, 2];
        yield 'for far more than is asked about' => [90_000, 3, 2];
    }

    public function test_where_shipping_is_free_all_are_sent(): void
    {
        self::assertSame(3, Reach::of(3, Plans::euro(0), Plans::euro(0), [])->sent);
        self::assertSame(1, Reach::of(3, Plans::euro(300), Plans::euro(0), self::costs())->more);
    }

    /** @return list<ExactAmount> */
    private static function costs(): array
    {
        return [Plans::euro(200)->exactly(), Plans::euro(550)->exactly()];
    }
}
