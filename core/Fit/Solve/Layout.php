<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Geometry\Standing;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;

/**
 * A packing as a list of blocks in the order in which they go in, each as low as what is in already lets it lie: taken
 * out of the list and put in elsewhere, a piece lifts or lowers all that comes after it. A row is its id, and x, y,
 * length, width and height in tenths of a millimetre.
 *
 * @phpstan-type Row array{string, int, int, int, int, int}
 */
final class Layout
{
    /** So often a block is moved away from walls that come nearer below it. */
    private const SHIFTS = 2;

    /** @var list<array{int, int, int, int, int, int}> what does not move: [x1, y1, z1, x2, y2, z2] */
    private array $fixed = [];

    /** @var list<Placement> what does not move */
    private array $kept = [];

    /** @var list<Row> in the order in which they go in */
    public array $rows = [];

    /** @var array<string, Placement> as they were before, by id */
    private array $before = [];

    /** How high anything may reach, in tenths of a millimetre: how all lies matters more than that the lid is flat. */
    private readonly int $ceiling;

    /**
     * @param  list<Placement>  $placements
     * @param  array<string, Item>  $items  by id
     */
    private function __construct(private readonly BoxShape $box, array $placements, private readonly array $items)
    {
        $this->ceiling = $box->height + $box->bulge;
        $levels = [];
        foreach ($placements as $placement) {
            $item = $items[$placement->id];
            $part = $placement->parts[0];
            if ($placement->isNested()) {
                $this->kept[] = $placement;

                continue;
            }
            if ($placement->angle != 0.0 || count($placement->parts) > 1) {
                $this->kept[] = $placement;
                foreach ($placement->parts as $own) {
                    array_push($this->fixed, ...(new Standing($own, $placement->angle, $item, false))->taken());
                }
            } else {
                $this->before[$placement->id] = $placement;
                $this->rows[] = [$placement->id, $part->x, $part->y, $part->l, $part->w, $part->h];
                $levels[] = $part->z;
            }
        }
        array_multisort($levels, $this->rows);
    }

    /**
     * @param  list<Placement>  $placements
     * @param  array<string, Item>  $items  by id
     * @return self|null null where something leans or is bent on top of other things
     */
    public static function of(BoxShape $box, array $placements, array $items): ?self
    {
        foreach ($placements as $placement) {
            $isPlain = $placement->isNested() || ($placement->angle == 0.0 && count($placement->parts) === 1);
            if (! $isPlain && $placement->parts[0]->z > 0) {
                return null;
            }
        }

        return new self($box, $placements, $items);
    }

    /**
     * The packing of a list of blocks in this box; null where something would float, reach too high, or press on what
     * is gentle.
     *
     * @param  list<Row>  $rows
     * @return list<Placement>|null
     */
    public function settled(array $rows): ?array
    {
        $blocks = $this->fixed;
        $gentle = [];
        $placements = $this->kept;
        foreach ($rows as $row) {
            $place = $this->lowest($row, $blocks);
            if ($place === null) {
                return null;
            }
            [$x1, $y1, $z, $under] = $place;
            [$id, , , $l, $w, $h] = $row;
            [$x2, $y2] = [$x1 + $l, $y1 + $w];
            $carried = 0;
            foreach ($z > Pile::CONTACT ? $under : [] as [$along, $across, $top]) {
                $carried += $top === $z ? $along * $across : 0;
            }
            if ($z > Pile::CONTACT && $carried < Pile::CARRIED * $l * $w) {
                return null;
            }
            $item = $this->items[$id];
            foreach ($item->form->keepsItsSides() ? $gentle : [] as [$gx1, $gy1, $gx2, $gy2]) {
                if ($gx1 < $x2 && $gx2 > $x1 && $gy1 < $y2 && $gy2 > $y1) {
                    return null;
                }
            }
            if ($item->gentle) {
                $gentle[] = [$x1, $y1, $x2, $y2];
            }
            $blocks[] = [$x1, $y1, $z, $x2, $y2, $z + $h];
            $placements[] = new Placement($id, 1, null, $this->how($id, $h), 0.0, [new Part($x1, $y1, $z, $l, $w, $h)]);
        }

        return $placements;
    }

    /**
     * As low as a block can lie where it is; where the walls come nearer below, as far from them as they ask.
     *
     * @param  Row  $row
     * @param  list<array{int, int, int, int, int, int}>  $blocks  that are in already
     * @return array{int, int, int, list<array{int, int, int}>}|null x, y and z, and what lies under it: how far along,
     *                                                               how far across, and how high it reaches
     */
    private function lowest(array $row, array $blocks): ?array
    {
        [, $x1, $y1, $l, $w, $h] = $row;
        for ($shifts = 0; $shifts <= self::SHIFTS; $shifts++) {
            [$x2, $y2] = [$x1 + $l, $y1 + $w];
            $z = 0;
            $under = [];
            foreach ($blocks as [$bx1, $by1, , $bx2, $by2, $top]) {
                if ($bx1 < $x2 && $bx2 > $x1 && $by1 < $y2 && $by2 > $y1) {
                    $under[] = [min($bx2, $x2) - max($bx1, $x1), min($by2, $y2) - max($by1, $y1), $top];
                    $z = max($z, $top);
                }
            }
            $free = $this->box->freeBetween($z, $h);
            if ($z + $h > $this->ceiling || $l > $free[2] - $free[0] || $w > $free[3] - $free[1]) {
                return null;
            }
            $at = [max($free[0], min($x1, $free[2] - $l)), max($free[1], min($y1, $free[3] - $w))];
            if ($at === [$x1, $y1]) {
                return [$x1, $y1, $z, $under];
            }
            if ($this->box->isStraight()) {
                return null;
            }
            [$x1, $y1] = $at;
        }

        return null;
    }

    private function how(string $id, int $height): How
    {
        $item = $this->items[$id];

        return $item->form->keepsItsSides() && $item->blocks === []
            ? How::standing($height, ...$item->size->sides())
            : $this->before[$id]->how;
    }
}
