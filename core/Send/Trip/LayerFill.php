<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send\Trip;

use PluckyWren\Core\Measure\Size;

/**
 * Fills one layer of a carton: each box goes into the free rectangle whose shorter side it fills best, which leaves
 * free rectangles that may overlap each other. Every box the same way round, where it goes in so, is tried too.
 *
 * A free rectangle is told by x, y, length and width.
 *
 * @phpstan-type Free array{int, int, int, int}
 */
final class LayerFill
{
    /**
     * @param  non-empty-list<CartonBox>  $boxes  the first has to be in it; each other only where there is room
     */
    public static function of(Size $carton, array $boxes): ?CartonLayer
    {
        $best = null;
        foreach ([[false, false], [true, false], [false, true], [true, true]] as [$isTurned, $isKept]) {
            $places = self::places($carton, $boxes, $isTurned, $isKept);
            $layer = $places === [] || $places[0]->box !== $boxes[0] ? null : new CartonLayer($places);
            if ($layer !== null && ($best === null || $layer->area() > $best->area())) {
                $best = $layer;
            }
        }

        return $best;
    }

    /**
     * @param  list<CartonBox>  $boxes
     * @param  bool  $isKept  whether a box is turned only where it does not go in otherwise
     * @return list<CartonPlace>
     */
    private static function places(Size $carton, array $boxes, bool $isTurned, bool $isKept): array
    {
        $free = [[0, 0, $carton->length, $carton->width]];
        $places = $noRoom = [];
        foreach ($boxes as $box) {
            $sides = [$box->outside->length, $box->outside->width];
            $key = implode('×', $sides);
            if (isset($noRoom[$key])) {
                continue;
            }
            $place = self::best($free, $box, $isTurned ? array_reverse($sides) : $sides, $isKept);
            if ($place === null) {
                $noRoom[$key] = true;

                continue;
            }
            $places[] = $place;
            $free = self::without($free, $place);
        }

        return $places;
    }

    /**
     * @param  list<Free>  $free
     * @param  array{int, int}  $sides  the way round that is taken where both are as good
     */
    private static function best(array $free, CartonBox $box, array $sides, bool $isKept): ?CartonPlace
    {
        $best = null;
        $least = PHP_INT_MAX;
        foreach ([$sides, array_reverse($sides)] as [$length, $width]) {
            foreach ($free as [$x, $y, $freeLength, $freeWidth]) {
                $left = min($freeLength - $length, $freeWidth - $width);
                if ($left >= 0 && $left < $least) {
                    $least = $left;
                    $best = new CartonPlace($box, $x, $y, $length, $width);
                }
            }
            if ($isKept && $best !== null) {
                break;
            }
        }

        return $best;
    }

    /**
     * @param  list<Free>  $free
     * @return list<Free> what is left of each beside the place, without those that lie within another
     */
    private static function without(array $free, CartonPlace $place): array
    {
        $left = [];
        foreach ($free as [$x, $y, $length, $width]) {
            $isBeside = $place->x >= $x + $length || $place->x + $place->length <= $x
                || $place->y >= $y + $width || $place->y + $place->width <= $y;
            if ($isBeside) {
                $left[] = [$x, $y, $length, $width];

                continue;
            }
            $right = $place->x + $place->length;
            $back = $place->y + $place->width;
            $place->x <= $x || $left[] = [$x, $y, $place->x - $x, $width];
            $right >= $x + $length || $left[] = [$right, $y, $x + $length - $right, $width];
            $place->y <= $y || $left[] = [$x, $y, $length, $place->y - $y];
            $back >= $y + $width || $left[] = [$x, $back, $length, $y + $width - $back];
        }

        return self::outermost($left);
    }

    /**
     * @param  list<Free>  $all
     * @return list<Free>
     */
    private static function outermost(array $all): array
    {
        $kept = [];
        foreach ($all as $index => [$x, $y, $length, $width]) {
            foreach ($all as $other => [$otherX, $otherY, $otherLength, $otherWidth]) {
                $isWithin = $otherX <= $x && $otherY <= $y
                    && $otherX + $otherLength >= $x + $length && $otherY + $otherWidth >= $y + $width;
                $isSame = [$x, $y, $length, $width] === [$otherX, $otherY, $otherLength, $otherWidth];
                if ($other !== $index && $isWithin && (! $isSame || $other < $index)) {
                    continue 2;
                }
            }
            $kept[] = [$x, $y, $length, $width];
        }

        return $kept;
    }
}
