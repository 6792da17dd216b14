<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Drawing\Shapes;

use PluckyWren\Core\Fit\Drawing\Hull;
use PluckyWren\Core\Fit\Drawing\Look;
use PluckyWren\Core\Fit\Drawing\Patch;

/**
 * Draws things as what they are. Whatever is drawn stays within the piece's own block, so that what is in front of what
 * is the same as for blocks. The shares are by eye.
 */
final class Shapes
{
    /** Thinner than so many tenths of a millimetre a thing is drawn as the block it is. */
    private const THIN = 40.0;

    /** Drawing units for a tenth of a millimetre. */
    private const UNIT = 0.1;

    /** Get the shape of a thing; null where the plain block is drawn. */
    public static function of(Look $look, Stand $stand): ?Shape
    {
        if (min($stand->sides) < self::THIN && $look !== Look::Book) {
            return null;
        }

        return match ($look) {
            Look::Ball => self::ball($stand),
            Look::Bottle => self::bottle($stand),
            Look::Cup => self::cup($stand),
            Look::Round => self::drum($stand, $stand->roundAxis()),
            Look::Stick, Look::Pencil => self::stick($stand, $look === Look::Pencil),
            Look::Pouch, Look::Cloth => self::rounded($stand, $look),
            Look::Plush => self::plush($stand),
            default => null,
        };
    }

    /**
     * What is drawn on the plain block of a thing.
     *
     * @return list<Patch>
     */
    public static function details(Look $look, Stand $stand): array
    {
        return $look === Look::Book && $stand->prism->isTurned === false ? self::pages($stand) : [];
    }

    /**
     * The band round one of a bundle.
     *
     * @return list<Patch>
     */
    public static function band(Stand $stand): array
    {
        return match ($stand->longAxis()) {
            0 => [Patch::line('band', [$stand->at(0.35, 0, 0), $stand->at(0.35, 0, 1), $stand->at(0.35, 1, 1)])],
            1 => [Patch::line('band', [$stand->at(1, 0.35, 0), $stand->at(1, 0.35, 1), $stand->at(0, 0.35, 1)])],
            default => [Patch::line('band', [$stand->at(0, 0, 0.4), $stand->at(1, 0, 0.4), $stand->at(1, 1, 0.4)])],
        };
    }

    /**
     * Page edges on the sides that are seen but for the spine, which is on the left or at the bottom of its cover.
     *
     * @return list<Patch>
     */
    private static function pages(Stand $stand): array
    {
        $thin = (int) array_search(min($stand->sides), $stand->sides, true);
        if ($stand->sides[$thin] < 45) {
            return [];
        }
        $seen = [
            [0, static fn (float $u, float $v): array => $stand->at(1, $u, $v), 1, 2],
            [1, static fn (float $u, float $v): array => $stand->at($u, 0, $v), 0, 2],
            [2, static fn (float $u, float $v): array => $stand->at($u, $v, 1), 0, 1],
        ];
        $patches = [];
        foreach ($seen as [$axis, $at, $first, $second]) {
            if ($axis === $thin) {
                $patches[] = Patch::line('fine', $axis === 0
                    ? [$at(0.08, 0), $at(0.08, 1)]
                    : [$at(0.07, 0), $at(0.07, 1)]);

                continue;
            }
            // The thickness goes along the one of the two sides of this face that is thin.
            $on = $first === $thin
                ? static fn (float $along, float $through): array => $at($through, $along)
                : static fn (float $along, float $through): array => $at($along, $through);
            $patches[] = Patch::filled('pages', [$on(0.015, 0.16), $on(1, 0.16), $on(1, 0.84), $on(0.015, 0.84)]);
            foreach ($stand->sides[$thin] < 90 ? [0.5] : [0.34, 0.66] as $through) {
                $patches[] = Patch::line('fine', [$on(0.015, $through), $on(1, $through)]);
            }
        }

        return $patches;
    }

    private static function ball(Stand $stand): Shape
    {
        $points = [];
        foreach ([-0.95, -0.8, -0.6, -0.3, 0.0, 0.3, 0.6, 0.8, 0.95] as $level) {
            array_push($points, ...$stand->ring(2, 0.5 + $level / 2, sqrt(1 - $level ** 2)));
        }
        $face = Shape::face('front', Hull::of($points));
        if ($stand->projection->isFromAbove()) {
            return new Shape([$face], [self::seamAbove($stand, 1), self::seamAbove($stand, -1)]);
        }
        $meridian = [];
        $parallel = [];
        for ($turn = -80; $turn <= 80; $turn += 10) {
            [$sin, $cos] = [sin(deg2rad($turn)), cos(deg2rad($turn))];
            $meridian[] = $stand->at(0.5 + 0.35 * $cos, 0.5 - 0.35 * $cos, 0.5 + $sin / 2);
            // As wide as the ball is at that height, the half of it that is seen.
            $parallel[] = $stand->at(0.5 + 0.34 * ($sin + $cos), 0.5 + 0.34 * ($sin - $cos), 0.62);
        }

        return new Shape([$face], [
            Patch::line('fine', $meridian), Patch::line('fine', $parallel), self::shine($stand, 2, 0.86),
        ]);
    }

    /** A circle on a ball, leaning to one side or the other, as far as it is seen from straight above. */
    private static function seamAbove(Stand $stand, int $side): Patch
    {
        // Its plane stands so far from the middle of a ball of radius 1, and leans by so much.
        [$away, $lean] = [0.52, deg2rad(20)];
        $radius = sqrt(1 - $away ** 2);
        $points = [];
        for ($turn = -90; $turn <= 90; $turn += 10) {
            [$up, $across] = [$radius * cos(deg2rad($turn)), $radius * sin(deg2rad($turn))];
            $height = $away * sin($lean) + $up * cos($lean);
            $out = $side * ($away * cos($lean) - $up * sin($lean));
            $points[] = $stand->at(0.5 + 0.35 * ($out + $across), 0.5 + 0.35 * ($across - $out), 0.5 + $height / 2);
        }

        return Patch::line('fine', $points);
    }

    private static function bottle(Stand $stand): Shape
    {
        $axis = $stand->longAxis();
        $body = Hull::of([...$stand->ring($axis, 0.0), ...$stand->ring($axis, 0.76)]);
        $shoulder = Hull::of([...$stand->ring($axis, 0.76), ...$stand->ring($axis, 0.86, 0.55)]);
        $neck = Hull::of([...$stand->ring($axis, 0.85, 0.5), ...$stand->ring($axis, 1.0, 0.5)]);
        $end = $stand->seesEnd($axis) ? [Patch::filled('light', $stand->ring($axis, 1.0, 0.5))] : [];
        $lid = [Patch::filled('dark', $neck), ...$end];
        // What points away from us is painted first.
        $isBehind = ! $stand->seesEnd($axis);

        return new Shape(
            $isBehind
                ? [Shape::face('side', $shoulder), Shape::face('front', $body)]
                : [Shape::face('front', $body), Shape::face('side', $shoulder)],
            [...($isBehind ? [] : $lid), self::shine($stand, $axis, 0.7)],
            $isBehind ? $lid : [],
        );
    }

    private static function cup(Stand $stand): Shape
    {
        $axis = $stand->roundAxis();
        $side = Hull::of([...$stand->ring($axis, 0.0, 0.78), ...$stand->ring($axis, 1.0)]);
        if (! $stand->seesEnd($axis)) {
            return new Shape([Shape::face('front', $side)], [self::shine($stand, $axis, 0.7)]);
        }

        return new Shape([Shape::face('front', $side), Shape::face('top', $stand->ring($axis, 1.0))], [
            Patch::filled('dark', $stand->ring($axis, 0.97, 0.88)),
        ]);
    }

    private static function drum(Stand $stand, int $axis): Shape
    {
        $side = Hull::of([...$stand->ring($axis, 0.0), ...$stand->ring($axis, 1.0)]);
        $faces = [Shape::face('front', $side)];
        if ($stand->seesEnd($axis)) {
            $faces[] = Shape::face('top', $stand->ring($axis, 1.0));
        }

        return new Shape($faces, $axis === 2 ? [] : [self::shine($stand, $axis, 0.8)]);
    }

    private static function stick(Stand $stand, bool $isSharp): Shape
    {
        $axis = $stand->longAxis();
        $from = $isSharp ? 0.9 : 1.0;
        $shaft = Hull::of([...$stand->ring($axis, 0.0, 1.0, 8), ...$stand->ring($axis, $from, 1.0, 8)]);
        $tip = $stand->on($axis, 1.0, 0.5, 0.5);
        $patches = $isSharp ? [
            Patch::filled('wood', Hull::of([...$stand->ring($axis, $from, 1.0, 8), $tip])),
            Patch::filled('ink', Hull::of([...$stand->ring($axis, 0.97, 0.3, 8), $tip])),
        ] : [];

        return new Shape([Shape::face('front', $shaft)], $patches);
    }

    /** A block with round corners seen from above: folded cloth with its folds, a pouch with its zip. */
    private static function rounded(Stand $stand, Look $look): Shape
    {
        $outline = static fn (float $level): array => array_map(
            static fn (array $at): array => $stand->at($at[0], $at[1], $level),
            self::roundedRectangle($stand, 0.3),
        );
        $top = $outline(1.0);
        $side = Hull::of([...$outline(0.0), ...$top]);
        $patches = [];
        $isLong = $stand->sides[0] >= $stand->sides[1];
        if ($look === Look::Pouch) {
            $patches[] = Patch::line('line', $isLong
                ? [$stand->at(0.12, 0.72, 1.0), $stand->at(0.86, 0.72, 1.0)]
                : [$stand->at(0.72, 0.12, 1.0), $stand->at(0.72, 0.86, 1.0)]);
            $patches[] = Patch::filled('ink', self::dot($isLong
                ? $stand->at(0.88, 0.72, 1.0)
                : $stand->at(0.72, 0.88, 1.0), 1.8));

            return new Shape([Shape::face('front', $side), Shape::face('top', $top)], $patches);
        }
        foreach ($stand->sides[2] < 120 ? [0.5] : [0.34, 0.67] as $level) {
            $patches[] = Patch::line('fine', self::frontHalf($stand, $level));
        }

        return new Shape([Shape::face('front', $side), Shape::face('top', $top)], $patches);
    }

    private static function plush(Stand $stand): Shape
    {
        $outline = static fn (float $level, float $share): array => array_map(
            static fn (array $at): array => $stand->at(
                0.5 + ($at[0] - 0.5) * $share, 0.5 + ($at[1] - 0.5) * $share, $level,
            ),
            self::roundedRectangle($stand, 0.9),
        );
        $top = $outline(0.97, 0.86);
        $body = Hull::of([...$outline(0.0, 0.8), ...$outline(0.2, 1.0), ...$outline(0.75, 1.0), ...$top]);
        $unit = self::UNIT * min($stand->sides[0], $stand->sides[1]);
        $at = static fn (float $right, float $back): array => $stand->at(
            0.5 + $right * min(1.0, $stand->sides[1] / $stand->sides[0]),
            0.5 + $back * min(1.0, $stand->sides[0] / $stand->sides[1]),
            0.97,
        );
        $face = [];
        $ears = [];
        foreach ([-1, 1] as $side) {
            $face[] = Patch::filled('ink', self::dot($at(0.11 * $side, 0.02), 0.018 * $unit));
            $ears[] = Patch::filled('light', self::dot($at(0.25 * $side, 0.22), 0.085 * $unit));
        }
        $face[] = Patch::line('fine', [$at(-0.07, -0.11), $at(0.0, -0.16), $at(0.07, -0.11)]);

        return new Shape([Shape::face('front', $body), Shape::face('top', $top)], [...$ears, ...$face]);
    }

    /**
     * @param  float  $share  of the shorter side that the corners' radius is
     * @return non-empty-list<array{float, float}> from 0 to 1 along the two sides
     */
    private static function roundedRectangle(Stand $stand, float $share): array
    {
        $radius = $share / 2 * min($stand->sides[0], $stand->sides[1]);
        [$rx, $ry] = [$radius / $stand->sides[0], $radius / $stand->sides[1]];
        $centres = [[1 - $rx, 1 - $ry], [$rx, 1 - $ry], [$rx, $ry], [1 - $rx, $ry]];

        return array_map(static function (int $at) use ($centres, $rx, $ry): array {
            [$x, $y] = $centres[intdiv($at, 4)];
            $turn = deg2rad(90 * intdiv($at, 4) + 30 * ($at % 4));

            return [$x + $rx * cos($turn), $y + $ry * sin($turn)];
        }, range(0, 15));
    }

    /** @return list<array{float, float}> the edge of a fold along the two sides that are seen */
    private static function frontHalf(Stand $stand, float $level): array
    {
        $rounded = self::roundedRectangle($stand, 0.3);

        // From the left front corner by the front to the right back one.
        return array_map(
            static fn (int $at): array => $stand->at($rounded[$at][0], $rounded[$at][1], $level),
            [9, 10, 11, 12, 13, 14, 15, 0],
        );
    }

    private static function shine(Stand $stand, int $axis, float $to): Patch
    {
        return Patch::line('shine', $axis === 2
            ? [$stand->at(0.2, 0.25, 0.35), $stand->at(0.2, 0.25, $to)]
            : [$stand->on($axis, 0.15, 0.45, 0.97), $stand->on($axis, $to - 0.05, 0.45, 0.97)]);
    }

    /**
     * @param  array{float, float}  $centre
     * @return list<array{float, float}>
     */
    private static function dot(array $centre, float $radius): array
    {
        return array_map(static fn (int $at): array => [
            $centre[0] + $radius * cos($at * M_PI / 6), $centre[1] + $radius * sin($at * M_PI / 6),
        ], range(0, 11));
    }
}
