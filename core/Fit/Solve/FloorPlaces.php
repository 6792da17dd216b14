<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\BoxShape;

/**
 * Where on the floor a piece of a packing might lie, under all others: along the walls, and beside what lies there.
 *
 * @phpstan-import-type Row from Layout
 */
final readonly class FloorPlaces
{
    /** So many places are tried for one piece. */
    private const TRIED = 60;

    public function __construct(private BoxShape $box) {}

    /**
     * @param  Row  $row
     * @param  list<Row>  $others
     * @return iterable<list<Row>>
     */
    public function layouts(array $row, array $others): iterable
    {
        foreach ($this->of($row, $others) as $place) {
            yield [$place, ...$others];
        }
    }

    /**
     * @param  Row  $row
     * @param  list<Row>  $others
     * @return list<Row>
     */
    private function of(array $row, array $others): array
    {
        $id = $row[0];
        $sides = array_slice($row, 3);
        rsort($sides);
        [$x1, $y1, $x2, $y2] = $this->box->freeBetween(0, $sides[2]);
        $places = $fromWalls = [];
        foreach ([[$sides[0], $sides[1]], [$sides[1], $sides[0]]] as [$long, $broad]) {
            $xs = [$x1, $x2 - $long];
            $ys = [$y1, $y2 - $broad];
            foreach ($others as [, $ox, $oy, $ol, $ow]) {
                array_push($xs, $ox, $ox + $ol, $ox - $long, $ox + $ol - $long);
                array_push($ys, $oy, $oy + $ow, $oy - $broad, $oy + $ow - $broad);
            }
            $xs = self::within(array_unique($xs), $x1, $x2 - $long);
            $ys = self::within(array_unique($ys), $y1, $y2 - $broad);
            foreach ($xs as $x) {
                $fromSide = min($x - $x1, $x2 - $x - $long);
                foreach ($ys as $y) {
                    $places[] = [$id, $x, $y, $long, $broad, $sides[2]];
                    $fromWalls[] = $fromSide + min($y - $y1, $y2 - $y - $broad);
                }
            }
        }
        // Along the walls first.
        asort($fromWalls);

        return array_map(
            static fn (int $at): array => $places[$at],
            array_keys(array_slice($fromWalls, 0, self::TRIED, true)),
        );
    }

    /**
     * @param  array<int>  $values
     * @return list<int>
     */
    private static function within(array $values, int $from, int $to): array
    {
        return array_values(array_filter($values, static fn (int $value): bool => $value >= $from && $value <= $to));
    }
}
