<?php

declare(strict_types=1);

namespace Tests\Core\Box;

use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Box\Like\Carry;
use PluckyWren\Core\Box\Like\LikeBox;
use PluckyWren\Core\Box\Like\NotCarried;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Recipient\Gender;
use PluckyWren\Core\Recipient\Recipient;
use Tests\Core\Data;

final class LikeBoxTest extends TestCase
{
    public function test_for_the_same_child_everything_is_carried_over_as_it_is(): void
    {
        self::assertSame(
            [['soap' => 1, 'pencils' => 5, 'marbles' => 2], []],
            self::like('4-7', ['soap' => 1, 'pencils' => 5, 'marbles' => 2]),
        );
    }

    public function test_as_many_are_carried_over_as_the_other_child_s_guide_asks_unless_there_were_more(): void
    {
        // The guide asks for five pencils at four to seven years, and for six at eight to twelve.
        self::assertSame([['pencils' => 6], []], self::like('8-12', ['pencils' => 5]));
        self::assertSame([['pencils' => 9], []], self::like('8-12', ['pencils' => 9]));
    }

    public function test_what_is_not_for_the_child_stays_out_and_is_named(): void
    {
        [$carried, $left] = self::like('2-3', ['soap' => 1, 'marbles' => 1]);

        self::assertSame(['soap' => 1], $carried);
        self::assertSame([NotCarried::Flagged], array_values($left));
    }

    /**
     * @param  array<string, int>  $pieces  by kind, in a box for a girl of 4 to 7
     * @return array{array<string, int>, array<string, NotCarried>}
     */
    private static function like(string $band, array $pieces): array
    {
        $plan = Plans::of(null, ...array_map(
            static fn (string $kind, int $count) => Plans::piece($kind, $count, [100, 1]),
            array_keys($pieces),
            $pieces,
        ));
        $like = LikeBox::of($plan, Data::guide(), new Recipient(AgeBand::parse($band), Gender::Boy));

        return [
            array_combine(
                array_map(static fn (Carry $carry): string => $carry->piece->kind->id, $like->carried),
                array_map(static fn (Carry $carry): int => $carry->quantity, $like->carried),
            ),
            $like->left,
        ];
    }
}
