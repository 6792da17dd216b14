<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Item;

/**
 * Where a piece of a packing might lie instead: along the walls, and beside what lies there.
 *
 * @phpstan-import-type Row from Layout
 */
final readonly class OtherPlaces
{
    /** So many places are tried for one piece. */
    private const TRIED = 60;

    /** With so many pieces or fewer over it, one may still be seen first. */
    private const FROM_TOP = 5;

    /** @param array<string, Item> $items all, by id */
    public function __construct(private BoxShape $box, private array $items) {}

    /**
     * @param  Row  $row
     * @param  list<Row>  $others
     * @param  bool  $isFirst  whether it goes in before them, or after all of them or all but a few
     * @return iterable<list<Row>>
     */
    public function layouts(array $row, array $others, bool $isFirst): iterable
    {
        $count = count($others);
        foreach ($this->of($row, $others, $isFirst) as $at => $place) {
            // What is to be seen first may have a little over it.
            $before = $isFirst ? 0 : max(0, $count - $at % self::FROM_TOP);
            yield [...array_slice($others, 0, $before), $place, ...array_slice($others, $before)];
        }
    }

    /**
     * @param  Row  $row
     * @param  list<Row>  $others
     * @return list<Row>
     */
    private function of(array $row, array $others, bool $isFirst): array
    {
        [$id, , , $l, $w, $h] = $row;
        $sides = [$l, $w, $h];
        if (FloorPlan::mayBeLaid($this->items[$id])) {
            rsort($sides);
        }
        [$x1, $y1, $x2, $y2] = $this->box->freeBetween($isFirst ? 0 : $this->box->height - $sides[2], $sides[2]);
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
