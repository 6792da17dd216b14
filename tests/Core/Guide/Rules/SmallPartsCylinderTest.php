<?php

declare(strict_types=1);

namespace Tests\Core\Guide\Rules;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Guide\Rules\Age\SmallPartsCylinder;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Stash\Shape;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * The small-parts cylinder against a slow reckoning that goes about it another way: it holds the thing in thousands of
 * ways by chance, moves it about on a net, and measures how far its worst point sticks out of the hollow.
 */
final class SmallPartsCylinderTest extends TestCase
{
    private const RADIUS = 15.85;

    #[DataProvider('things')]
    public function test_every_way_of_holding_it_counts(float $a, float $b, float $c, Shape $shape): void
    {
        $sticksOut = $this->sticksOut(match (true) {
            $shape === Shape::Block => $this->block($a, $b, $c),
            $a === $b => $this->rod($c, $a),
            default => $this->rod($a, $b),
        });
        $says = "{$a} × {$b} × {$c}, {$shape->value}: sticks out by {$sticksOut} mm";
        $takes = SmallPartsCylinder::takes(Size::ofMm($a, $b, $c), $shape);

        if ($sticksOut <= 0.0) {
            self::assertTrue($takes, $says);
        } elseif ($takes) {
            // The slow one moves it on a net, so it finds a little less than there is.
            self::assertLessThan(0.8, $sticksOut, $says);
        } else {
            self::assertGreaterThan(0.0, $sticksOut, $says);
        }
    }

    /** @return iterable<string, array{float, float, float, Shape}> */
    public static function things(): iterable
    {
        yield 'a short round thing' => [30.0, 30.0, 20.0, Shape::Round];
        yield 'a flat round thing' => [31.0, 31.0, 3.0, Shape::Round];
        yield 'a rod that only goes in tilted' => [55.0, 5.0, 5.0, Shape::Round];
        yield 'a rod a little longer than it can stand' => [47.5, 10.0, 10.0, Shape::Round];
        yield 'a rod that is longer' => [48.5, 10.0, 10.0, Shape::Round];
        yield 'a needle' => [64.5, 0.5, 0.5, Shape::Block];
        yield 'a strip' => [55.0, 20.0, 2.0, Shape::Block];
        $random = new Randomizer(new Mt19937(31));
        for ($number = 0; $number < 15; $number++) {
            $round = $number % 3 === 0;
            $a = $random->getInt(150, 560) / 10;
            $b = $random->getInt(20, (int) min(310, $a * 10)) / 10;
            $c = $round ? $b : $random->getInt(20, (int) ($b * 10)) / 10;

            yield "by chance {$number}" => [$a, $b, $c, $round ? Shape::Round : Shape::Block];
        }
    }

    /**
     * By how many millimetres the worst point sticks out where it is held best; 0 or less where nothing does.
     *
     * @param  list<array{float, float, float}>  $points
     */
    private function sticksOut(array $points): float
    {
        $random = new Randomizer(new Mt19937(7));
        $float = static fn (): float => $random->getInt(-1_000_000, 1_000_000) / 1_000_000;
        $best = [INF, [0.0, 0.0, 0.0, 1.0]];
        for ($try = 0; $try < 900 && $best[0] > 0.0; $try++) {
            $best = $this->better($best, $points, [$float(), $float(), $float(), $float()]);
        }
        // From the best way on by smaller and smaller chances.
        for ($width = 0.3; $width > 0.004 && $best[0] > 0.0; $width *= 0.97) {
            for ($try = 0; $try < 6; $try++) {
                $near = array_map(static fn (float $part): float => $part + $width * $float(), $best[1]);
                $best = $this->better($best, $points, [$near[0], $near[1], $near[2], $near[3]]);
            }
        }

        return $best[0];
    }

    /**
     * @param  array{float, array{float, float, float, float}}  $best
     * @param  list<array{float, float, float}>  $points
     * @param  array{float, float, float, float}  $quaternion
     * @return array{float, array{float, float, float, float}}
     */
    private function better(array $best, array $points, array $quaternion): array
    {
        $turned = $this->turned($points, $quaternion);
        $top = max(-INF, ...array_column($turned, 2));
        foreach ([0.0, 1.0, 2.5, 4.5, 7.0] as $aside) {
            for ($along = -4.0; $along <= 14.0; $along += 0.5) {
                $worst = -INF;
                foreach ($turned as [$x, $y, $z]) {
                    [$x, $y, $depth] = [$x + $along, $y + $aside, $top - $z];
                    $worst = max($worst, hypot($x, $y) - self::RADIUS, ($depth - 25.4 - self::RADIUS - $x) / M_SQRT2);
                    if ($worst >= $best[0]) {
                        continue 2;
                    }
                }
                $best = [$worst, $quaternion];
            }
        }

        return $best;
    }

    /**
     * @param  list<array{float, float, float}>  $points
     * @param  array{float, float, float, float}  $quaternion
     * @return list<array{float, float, float}>
     */
    private function turned(array $points, array $quaternion): array
    {
        $length = sqrt(array_sum(array_map(static fn (float $part): float => $part ** 2, $quaternion))) ?: 1.0;
        [$i, $j, $k, $r] = array_map(static fn (float $part): float => $part / $length, $quaternion);

        return array_map(static fn (array $p): array => [
            (1 - 2 * ($j ** 2 + $k ** 2)) * $p[0] + 2 * ($i * $j - $k * $r) * $p[1] + 2 * ($i * $k + $j * $r) * $p[2],
            2 * ($i * $j + $k * $r) * $p[0] + (1 - 2 * ($i ** 2 + $k ** 2)) * $p[1] + 2 * ($j * $k - $i * $r) * $p[2],
            2 * ($i * $k - $j * $r) * $p[0] + 2 * ($j * $k + $i * $r) * $p[1] + (1 - 2 * ($i ** 2 + $j ** 2)) * $p[2],
        ], $points);
    }

    /** @return list<array{float, float, float}> */
    private function block(float $a, float $b, float $c): array
    {
        $corners = [];
        for ($corner = 0; $corner < 8; $corner++) {
            $corners[] = [
                $corner & 1 ? $a / 2 : -$a / 2, $corner & 2 ? $b / 2 : -$b / 2, $corner & 4 ? $c / 2 : -$c / 2,
            ];
        }

        return $corners;
    }

    /** @return list<array{float, float, float}> */
    private function rod(float $height, float $width): array
    {
        $points = [];
        for ($point = 0; $point < 40; $point++) {
            [$x, $y] = [$width / 2 * cos($point * M_PI / 20), $width / 2 * sin($point * M_PI / 20)];
            array_push($points, [-$height / 2, $x, $y], [$height / 2, $x, $y]);
        }

        return $points;
    }
}
