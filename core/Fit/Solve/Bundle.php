<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Measure\Size;

/** Equal pieces that stay together, as one piece that can be arranged in rows and layers. */
final readonly class Bundle
{
    /** So many arrangements are tried, the most compact first. */
    private const ARRANGEMENTS = 12;

    private const TURNS = [[0, 1, 2], [1, 0, 2], [0, 2, 1], [2, 0, 1], [1, 2, 0], [2, 1, 0]];

    /** The bundle as one piece, under the id of the item. */
    public Item $whole;

    /** @var list<array{int, int, int}> how many lie along the length, width and height of one, by arrangement */
    private array $grids;

    public function __construct(private Item $item, BoxShape $box)
    {
        $grids = self::grids($item->quantity);
        if ($item->form->takesAnyShape() || $item->form === Form::Soft) {
            // Folds lie on each other, and are pressed as one; how it is shared out again is another matter.
            $this->grids = $grids;
            $flat = $this->size([1, 1, $item->quantity]);
            $this->whole = $item->times(1)->bundled($item->quantity, [$flat], $this->leastSide());

            return;
        }
        $room = [$box->topLength, $box->topWidth, $box->height + $box->bulge];
        rsort($room);
        $fitting = array_filter($grids, function (array $grid) use ($room): bool {
            $sides = $this->size($grid)->sides();

            return $sides[0] <= $room[0] && $sides[1] <= $room[1] && $sides[2] <= $room[2];
        });
        $grids = array_values($fitting === [] ? $grids : $fitting);
        usort($grids, fn (array $one, array $other): int => $this->surface($one) <=> $this->surface($other));
        $this->grids = $grids === [] ? [[1, 1, $item->quantity]] : array_slice($grids, 0, self::ARRANGEMENTS);
        $this->whole = $item->times(1)->bundled($item->quantity, array_map($this->size(...), $this->grids), null);
    }

    /** @return list<Placement> where each of them lies, all in one move */
    public function spread(Placement $placement): array
    {
        $part = $placement->parts[0];
        $counts = $this->countsAlong($part);
        $placements = [];
        foreach ($this->item->singles() as $number => $single) {
            $at = [
                $number % $counts[0], intdiv($number, $counts[0]) % $counts[1],
                intdiv($number, $counts[0] * $counts[1]),
            ];
            [$x1, $x2] = self::share($part->l, $counts[0], $at[0]);
            [$y1, $y2] = self::share($part->w, $counts[1], $at[1]);
            [$z1, $z2] = self::share($part->h, $counts[2], $at[2]);
            $own = new Part($part->x + $x1, $part->y + $y1, $part->z + $z1, $x2 - $x1, $y2 - $y1, $z2 - $z1);
            $how = $placement->in === null && $single->form->keepsItsSides()
                ? How::standing($own->h, ...$single->size->sides())
                : $placement->how;
            $placements[] = new Placement($single->id, $placement->step, $placement->in, $how, 0.0, [$own]);
        }

        return $placements;
    }

    /** @return list<string> */
    public function ids(): array
    {
        return array_map(static fn (Item $single): string => $single->id, $this->item->singles());
    }

    /**
     * How many lie along each axis of the block: as it was put together, and of what folds or pours, so that each is
     * as little of a strip as may be; what is private lies in layers.
     *
     * @return array{int, int, int}
     */
    private function countsAlong(Part $part): array
    {
        // On each other, so that what hides the bundle hides each of them.
        if ($this->item->hidden && $this->item->form->takesAnyShape()) {
            $layer = intdiv($part->h, $this->item->quantity);
            if ($layer >= $this->item->leastSide()) {
                return [1, 1, $this->item->quantity];
            }
        }
        $sides = [$part->l, $part->w, $part->h];
        $least = INF;
        $best = [1, 1, $this->item->quantity];
        foreach ($this->grids as $grid) {
            foreach (self::TURNS as $turn) {
                $counts = [$grid[$turn[0]], $grid[$turn[1]], $grid[$turn[2]]];
                $off = match (true) {
                    $this->item->form->takesAnyShape() => -min(
                        array_map(static fn (int $side, int $count): float => $side / $count, $sides, $counts),
                    ),
                    $this->item->form === Form::Soft && $grid !== [1, 1, $this->item->quantity] => INF,
                    default => $this->unlike($sides, $this->size($grid), $turn),
                };
                if ($off < $least) {
                    [$least, $best] = [$off, $counts];
                }
            }
        }

        return $best;
    }

    /**
     * How far a block is from one of this size, turned so; what is soft may be pressed.
     *
     * @param  array{int, int, int}  $sides
     * @param  array{int, int, int}  $turn
     */
    private function unlike(array $sides, Size $size, array $turn): float
    {
        $resting = [$size->length, $size->width, $size->height];
        $off = 0.0;
        foreach ($sides as $axis => $side) {
            $most = $resting[$turn[$axis]];
            $least = $this->item->form === Form::Soft ? $this->item->squeeze * $most : $most;
            $off += max(0.0, $least - $side, $side - $most);
        }

        return $off;
    }

    /** @param array{int, int, int} $grid */
    private function size(array $grid): Size
    {
        $size = $this->item->size;

        return new Size($size->length * $grid[0], $size->width * $grid[1], $size->height * $grid[2]);
    }

    /** @param array{int, int, int} $grid */
    private function surface(array $grid): int
    {
        [$a, $b, $c] = $this->size($grid)->sides();

        return $a * $b + $b * $c + $a * $c;
    }

    /** A block of at least its volume with no side under this can be shared out with none under its own least. */
    private function leastSide(): int
    {
        $own = $this->item->leastSide();
        $volume = $this->item->leastVolume() * $this->item->quantity;

        return $volume ** (1 / 3) >= $this->item->quantity * $own ? $own : $this->item->quantity * $own;
    }

    /** @return array{int, int} from and to of one share, in whole tenths of a millimetre */
    private static function share(int $side, int $shares, int $number): array
    {
        return [intdiv($side * $number, $shares), intdiv($side * ($number + 1), $shares)];
    }

    /** @return list<array{int, int, int}> */
    private static function grids(int $count): array
    {
        $grids = [];
        for ($along = 1; $along <= $count; $along++) {
            for ($across = 1; $along * $across <= $count; $across++) {
                if ($count % ($along * $across) === 0) {
                    $grids[] = [$along, $across, intdiv($count, $along * $across)];
                }
            }
        }

        return $grids;
    }
}
