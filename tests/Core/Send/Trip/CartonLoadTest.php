<?php

declare(strict_types=1);

namespace Tests\Core\Send\Trip;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Box\Carton;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Send\Trip\CartonBox;
use PluckyWren\Core\Send\Trip\CartonLayer;
use PluckyWren\Core\Send\Trip\CartonLoad;
use PluckyWren\Core\Send\Trip\CartonPlace;

/** The drive's carton is 680 by 420 by 500 mm inside. */
final class CartonLoadTest extends TestCase
{
    private const OUTSIDES = ['straight' => [326, 204, 122], 'tub' => [336, 214, 122], 'wide' => [353, 248, 134]];

    /** @param array<string, int> $counts */
    #[DataProvider('loads')]
    public function test_boxes_fill_as_many_cartons_as_by_hand(array $counts, int $cartons): void
    {
        $load = CartonLoad::of(Size::ofMm(680, 420, 500), self::boxes($counts));

        self::assertCount($cartons, $load->cartons);
        self::assertSame([], $load->tooLarge);
    }

    /** @return iterable<string, array{array<string, int>, int}> */
    public static function loads(): iterable
    {
        yield 'nothing' => [[], 0];
        yield 'one' => [['straight' => 1], 1];
        yield 'two by two in a layer, four layers of 122' => [['straight' => 16], 1];
        yield 'one more' => [['straight' => 17], 2];
        yield 'two wide ones in a layer, three layers of 134' => [['wide' => 6], 1];
        yield 'one wide one more' => [['wide' => 7], 2];
        // 134 and three of 122 are 500: three cartons, each with one layer of wide ones. All wide ones together would
        // leave 98 mm of a carton empty, and need a fourth.
        yield 'wide ones spread over cartons' => [['wide' => 6, 'straight' => 36], 3];
        yield 'a wide one alone has two others beside it' => [['wide' => 1, 'straight' => 14], 1];
    }

    public function test_whatever_is_loaded_stands_once_within_its_carton_and_beside_the_others(): void
    {
        mt_srand(11);
        $carton = Size::ofMm(680, 420, 500);
        for ($round = 0; $round < 60; $round++) {
            $boxes = self::boxes(['straight' => mt_rand(0, 30), 'tub' => mt_rand(0, 20), 'wide' => mt_rand(0, 12)]);
            for ($own = mt_rand(0, 6); $own > 0; $own--) {
                $boxes[] = new CartonBox(
                    "own {$own}",
                    "own {$own}",
                    Size::ofMm(mt_rand(60, 690), mt_rand(60, 400), mt_rand(50, 300)),
                );
            }
            $load = CartonLoad::of($carton, $boxes);
            $labels = array_map(static fn (CartonBox $box): string => $box->label, $load->tooLarge);
            foreach ($load->cartons as $layers) {
                self::assertLessThanOrEqual(
                    $carton->height,
                    array_sum(array_map(static fn (CartonLayer $one): int => $one->height(), $layers)),
                );
                foreach ($layers as $layer) {
                    array_push($labels, ...self::labelsOf($carton, $layer));
                }
            }
            $all = array_map(static fn (CartonBox $box): string => $box->label, $boxes);
            sort($labels);
            sort($all);
            self::assertSame($all, $labels);
        }
    }

    public function test_boxes_of_one_kind_need_no_more_cartons_than_what_one_holds_tells(): void
    {
        $carton = Size::ofMm(680, 420, 500);
        foreach (self::OUTSIDES as $kind => $mm) {
            $holds = (new Carton($carton))->holds(Size::ofMm(...$mm));
            foreach (range(1, 40) as $count) {
                $load = CartonLoad::of($carton, self::boxes([$kind => $count]));
                self::assertCount((int) ceil($count / $holds), $load->cartons, "{$count} × {$kind}");
            }
        }
    }

    public function test_what_goes_into_no_carton_is_named(): void
    {
        $long = new CartonBox('0009-T', 'own', Size::ofMm(700, 100, 100));
        $load = CartonLoad::of(Size::ofMm(680, 420, 500), [$long, ...self::boxes(['straight' => 1])]);

        self::assertSame([$long], $load->tooLarge);
        self::assertCount(1, $load->cartons);
        // 326 × 204 × 122 of 680 × 420 × 500.
        self::assertSame(5, $load->filled(0));
    }

    public function test_it_tells_what_a_wide_box_takes_the_place_of(): void
    {
        $kinds = array_map(static fn (array $mm): Size => Size::ofMm(...$mm), self::OUTSIDES);

        // 16 of 6 are 2.67; of the tub 680 / 336 and 420 / 214 leave two and one, or three the other way round.
        self::assertSame(
            [
                'straight' => ['holds' => 16, 'tenths' => 10], 'tub' => ['holds' => 12, 'tenths' => 13],
                'wide' => ['holds' => 6, 'tenths' => 27],
            ],
            CartonLoad::wasted(Size::ofMm(680, 420, 500), $kinds),
        );
        self::assertSame([], CartonLoad::wasted(Size::ofMm(10, 10, 10), $kinds));
    }

    /** @return list<string> */
    private static function labelsOf(Size $carton, CartonLayer $layer): array
    {
        foreach ($layer->places as $index => $place) {
            self::assertGreaterThanOrEqual(0, min($place->x, $place->y));
            self::assertLessThanOrEqual($carton->length, $place->x + $place->length);
            self::assertLessThanOrEqual($carton->width, $place->y + $place->width);
            $sides = [$place->box->outside->length, $place->box->outside->width];
            self::assertContains([$place->length, $place->width], [$sides, array_reverse($sides)]);
            foreach (array_slice($layer->places, $index + 1) as $other) {
                self::assertFalse($place->overlaps($other), "{$place->box->label} stands in {$other->box->label}.");
            }
        }

        return array_map(static fn (CartonPlace $place): string => $place->box->label, $layer->places);
    }

    /**
     * @param  array<string, int>  $counts  by kind
     * @return list<CartonBox>
     */
    private static function boxes(array $counts): array
    {
        $boxes = [];
        foreach ($counts as $kind => $count) {
            for ($number = 1; $number <= $count; $number++) {
                $boxes[] = new CartonBox("{$kind} {$number}", $kind, Size::ofMm(...self::OUTSIDES[$kind]));
            }
        }

        return $boxes;
    }
}
