<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Kept;
use PluckyWren\Core\Fit\Order;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;

/**
 * Makes a packing that closes one that is preferred, piece by piece: flat things under what lies on the floor, private
 * ones under others, what is to be seen first on top of all.
 *
 * @phpstan-import-type Row from Layout
 */
final readonly class Polish
{
    /** So many places are tried for one piece. */
    private const PLACES = 60;

    /** What is no thicker, in tenths of a millimetre, may lie on cloth that is folded as much lower: a letter. */
    private const THIN = 30;

    /** With so many pieces or fewer over it, one may still be seen first. */
    private const FROM_TOP = 5;

    private BoxShape $box;

    /** @param array<string, Item> $items all, by id */
    public function __construct(private Problem $problem, private array $items, private Budget $budget)
    {
        $this->box = $problem->box;
    }

    /**
     * @param  list<Placement>  $placements
     * @return list<Placement> the same where nothing could be done
     */
    public function of(array $placements): array
    {
        $layout = $this->problem->pinned === [] ? Layout::of($this->box, $placements, $this->items) : null;
        if ($layout === null) {
            return $placements;
        }
        $kept = $this->kept($placements);
        foreach ($this->problem->order === Order::FlatsFirst ? $this->flats($layout) : [] as $row) {
            [$placements, $kept] = $this->better($layout, $row, true, $placements, $kept);
        }
        foreach ($kept->coveredFirstSights as $id) {
            [$placements, $kept] = $this->better($layout, self::rowOf($layout, $id), false, $placements, $kept);
        }
        foreach ($kept->seenPrivates as $id) {
            [$placements, $kept] = $this->exchanged($id, $placements, $kept);
        }
        if ($kept->seenPrivates === []) {
            return $placements;
        }
        $layout = Layout::of($this->box, $placements, $this->items) ?? $layout;
        // What is hidden matters more than that the lid lies flat.
        $layout->mayDome();
        foreach ($kept->seenPrivates as $id) {
            [$placements, $kept] = $this->better($layout, self::rowOf($layout, $id), true, $placements, $kept);
        }
        foreach ($kept->seenPrivates as $id) {
            [$placements, $kept] = $this->coveredUp($layout, $id, $placements, $kept);
        }

        return $placements;
    }

    /**
     * A piece put elsewhere where that makes the packing better.
     *
     * @param  Row|null  $row
     * @param  list<Placement>  $placements
     * @return array{list<Placement>, Kept}
     */
    private function better(Layout $layout, ?array $row, bool $isFirst, array $placements, Kept $kept): array
    {
        $others = array_values(array_filter($layout->rows, static fn (array $other): bool => $other !== $row));
        $count = count($others);
        foreach ($row === null ? [] : $this->places($row, $others, $isFirst) as $at => $place) {
            if ($this->budget->isSpent()) {
                break;
            }
            // What is to be seen first may have a little over it.
            $before = $isFirst ? 0 : max(0, $count - $at % self::FROM_TOP);
            $rows = [...array_slice($others, 0, $before), $place, ...array_slice($others, $before)];
            $settled = $layout->settled($rows);
            $then = $settled === null ? null : $this->kept($settled);
            if ($settled !== null && $then !== null && $this->isBetter($then, $kept)) {
                $layout->rows = $rows;

                return [$settled, $then];
            }
        }

        return [$placements, $kept];
    }

    /**
     * Something laid over a piece that is not to be seen.
     *
     * @param  list<Placement>  $placements
     * @return array{list<Placement>, Kept}
     */
    private function coveredUp(Layout $layout, string $id, array $placements, Kept $kept): array
    {
        $own = self::rowOf($layout, $id);
        if ($own === null) {
            return [$placements, $kept];
        }
        [, $x, $y, $l, $w] = $own;
        foreach ($layout->rows as $at => $row) {
            $item = $this->items[$row[0]];
            if ($row === $own || $item->hidden || $item->firstSight) {
                continue;
            }
            $others = $layout->rows;
            unset($others[$at]);
            foreach ($this->over($row, $x, $y, $l, $w) as $place) {
                $rows = [...$this->lowered($others, $own, $place[5]), $place];
                $settled = $this->budget->isSpent() ? null : $layout->settled($rows);
                $then = $settled === null ? null : $this->kept($settled);
                if ($settled !== null && $then !== null && $this->isBetter($then, $kept)) {
                    $layout->rows = $rows;

                    return [$settled, $then];
                }
            }
        }

        return [$placements, $kept];
    }

    /**
     * Rows with one of them folded lower by what something thin on it takes, where it can be.
     *
     * @param  array<Row>  $rows
     * @param  Row  $own
     * @return list<Row>
     */
    private function lowered(array $rows, array $own, int $thickness): array
    {
        [$id, $x, $y, $l, $w, $h] = $own;
        $isThin = $thickness <= self::THIN && $h > $thickness;
        if (! $isThin || ! $this->fills($this->items[$id], new Part($x, $y, 0, $l, $w, $h - $thickness))) {
            return array_values($rows);
        }

        return array_values(array_map(
            static fn (array $row): array => $row === $own ? [$id, $x, $y, $l, $w, $h - $thickness] : $row,
            $rows,
        ));
    }

    /**
     * How a piece may lie over half of a rectangle or more of it, in either direction: flush with a corner of it, or in
     * its middle.
     *
     * @param  Row  $row
     * @return list<Row>
     */
    private function over(array $row, int $x, int $y, int $l, int $w): array
    {
        [$id, , , $long, $broad, $h] = $row;
        $sides = [$long, $broad, $h];
        if (FloorPlan::mayBeLaid($this->items[$id])) {
            rsort($sides);
        }
        $places = [];
        foreach ([[$sides[0], $sides[1]], [$sides[1], $sides[0]]] as [$long, $broad]) {
            if (2 * min($long, $l) * min($broad, $w) < $l * $w) {
                continue;
            }
            $xs = [$x, $x + $l - $long, $x + intdiv($l - $long, 2)];
            $ys = [$y, $y + $w - $broad, $y + intdiv($w - $broad, 2)];
            foreach ($xs as $atX) {
                foreach ($ys as $atY) {
                    $places[] = [$id, $atX, $atY, $long, $broad, $sides[2]];
                }
            }
        }

        return $places;
    }

    /**
     * Something that folds in the place of something else that does, where both suit the other's block.
     *
     * @param  list<Placement>  $placements
     * @return array{list<Placement>, Kept}
     */
    private function exchanged(string $id, array $placements, Kept $kept): array
    {
        $mine = array_column($placements, null, 'id')[$id];
        foreach ($placements as $other) {
            if (
                $other->isNested() || $other->id === $id || $this->items[$other->id]->hidden
                    || ! $this->fills($this->items[$id], $other->parts[0])
                    || ! $this->fills($this->items[$other->id], $mine->parts[0])
            ) {
                continue;
            }
            $swapped = array_map(static fn (Placement $one): Placement => match ($one->id) {
                $id => new Placement($id, 1, null, $mine->how, 0.0, $other->parts),
                $other->id => new Placement($other->id, 1, null, $other->how, 0.0, $mine->parts),
                default => $one,
            }, $placements);
            $then = $this->kept($swapped);
            if ($this->isBetter($then, $kept)) {
                return [$swapped, $then];
            }
        }

        return [$placements, $kept];
    }

    /** Determine if something could be folded or poured to a block. */
    private function fills(Item $item, Part $block): bool
    {
        return $item->form->takesAnyShape()
            && min($block->l, $block->w, $block->h) >= $item->leastSide()
            && $block->volume() >= $item->leastVolume();
    }

    /** @param list<Placement> $placements */
    private function kept(array $placements): Kept
    {
        return Kept::in($this->box, $this->problem->order, $placements, $this->items);
    }

    private function isBetter(Kept $one, Kept $other): bool
    {
        $order = static fn (Kept $kept): array => [
            count($kept->coveredFirstSights) + count($kept->seenPrivates), -round($kept->order, 3),
        ];

        return $order($one) < $order($other);
    }

    /** @return list<Row> what is flat and keeps its sides, the broadest first, as it would lie flat */
    private function flats(Layout $layout): array
    {
        $flats = array_values(array_filter(
            $layout->rows,
            fn (array $row): bool => FloorPlan::mayBeLaid($this->items[$row[0]]),
        ));
        usort($flats, static fn (array $one, array $other): int => self::face($other) <=> self::face($one));

        return $flats;
    }

    /** @param Row $row */
    private static function face(array $row): int
    {
        return $row[3] * $row[4] * $row[5] / min($row[3], $row[4], $row[5]);
    }

    /** @return Row|null */
    private static function rowOf(Layout $layout, string $id): ?array
    {
        foreach ($layout->rows as $row) {
            if ($row[0] === $id) {
                return $row;
            }
        }

        return null;
    }

    /**
     * Where a piece might lie: in the corners of the box, and beside what lies there.
     *
     * @param  Row  $row
     * @param  list<Row>  $others
     * @return list<Row>
     */
    private function places(array $row, array $others, bool $isFirst): array
    {
        [$id, , , $l, $w, $h] = $row;
        $sides = [$l, $w, $h];
        if (FloorPlan::mayBeLaid($this->items[$id])) {
            rsort($sides);
        }
        [$x1, $y1, $x2, $y2] = $this->box->freeBetween($isFirst ? 0 : $this->box->height - $sides[2], $sides[2]);
        $places = [];
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
                foreach ($ys as $y) {
                    $places[] = [$id, $x, $y, $long, $broad, $sides[2]];
                }
            }
        }
        // Along the walls first.
        usort($places, static fn (array $one, array $other): int => self::fromWall($one, $x1, $y1, $x2, $y2)
            <=> self::fromWall($other, $x1, $y1, $x2, $y2));

        return array_slice($places, 0, self::PLACES);
    }

    /**
     * @param  array<int>  $values
     * @return list<int>
     */
    private static function within(array $values, int $from, int $to): array
    {
        return array_values(array_filter($values, static fn (int $value): bool => $value >= $from && $value <= $to));
    }

    /** @param Row $row */
    private static function fromWall(array $row, int $x1, int $y1, int $x2, int $y2): int
    {
        return min($row[1] - $x1, $x2 - $row[1] - $row[3]) + min($row[2] - $y1, $y2 - $row[2] - $row[4]);
    }
}
