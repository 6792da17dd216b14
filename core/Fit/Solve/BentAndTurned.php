<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Geometry\Standing;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;

/** Finds a place for what is too long or too broad to lie straight: corner to corner, or bent up a wall. */
final class BentAndTurned
{
    private const LEVELS = 8;

    public function __construct(private readonly ?Budget $budget = null) {}

    public function place(Item $item, Pile $pile, int $ceiling): ?Placement
    {
        if (! $item->form->keepsItsSides() || $item->blocks !== [] || $this->liesStraight($item, $pile->box)) {
            return null;
        }
        foreach (array_slice($pile->levels(), 0, self::LEVELS) as $z) {
            $placement = ($item->bends() ? $this->bent($item, $pile, $ceiling, $z) : null)
                ?? ($item->keepUpright ? null : $this->turned($item, $pile, $ceiling, $z));
            if ($placement !== null) {
                return $placement;
            }
        }

        return null;
    }

    /** Determine if it would lie or stand straight in the empty box: then it is not worth a bend or a slant. */
    public function liesStraight(Item $item, BoxShape $box): bool
    {
        foreach ($item->arrangements() as $size) {
            [$longest, $middle, $shortest] = $size->sides();
            [$x1, $y1, $x2, $y2] = $box->freeBetween(0, $shortest);
            $fits = static fn (int $side, int $other): bool => max($side, $other) <= max($x2 - $x1, $y2 - $y1)
                && min($side, $other) <= min($x2 - $x1, $y2 - $y1);
            if (
                $fits($longest, $middle)
                    || (! $item->bends() && $fits($longest, $shortest) && $middle <= $box->height)
            ) {
                return true;
            }
        }

        return false;
    }

    private function turned(Item $item, Pile $pile, int $ceiling, int $z): ?Placement
    {
        [$l, $w, $h] = $item->size->sides();
        foreach ([[$l, $w, $h], [$l, $h, $w]] as [$long, $broad, $high]) {
            [$x1, $y1, $x2, $y2] = $pile->box->freeBetween($z, $high);
            if (! self::goesIn($long, $broad, max($x2 - $x1, $y2 - $y1), min($x2 - $x1, $y2 - $y1))) {
                continue;
            }
            $part = new Part(
                intdiv($pile->box->topLength - $long, 2),
                intdiv($pile->box->topWidth - $broad, 2),
                $z, $long, $broad, $high,
            );
            for ($angle = 1; $angle < 180 && $this->budget?->isSpent() !== true; $angle++) {
                if ($pile->isInside($part, $angle, $ceiling) && $this->stands($part, (float) $angle, $item, $pile)) {
                    return new Placement($item->id, 1, null, How::Diagonal, (float) $angle, [$part]);
                }
            }
        }

        return null;
    }

    /**
     * Determine if a rectangle goes into another at some angle, by the classical criterion, so that no angle is tried
     * in vain.
     *
     * @param  int  $long  at least $broad
     * @param  int  $length  of the other, at least its $width
     */
    private static function goesIn(int $long, int $broad, int $length, int $width): bool
    {
        if ($long <= $length) {
            return $broad <= $width;
        }
        $square = $long ** 2 + $broad ** 2;

        // A tenth of a millimetre to spare for rounding: what is let through is still tried.
        return $broad <= $width
            && $width + 1 >= (
                2 * $long * $broad * $length + ($long ** 2 - $broad ** 2) * sqrt($square - $length ** 2)
            ) / $square;
    }

    /** Bent up the back wall or the right-hand wall, whichever leaves it lying broader. */
    private function bent(Item $item, Pile $pile, int $ceiling, int $z): ?Placement
    {
        [$longer, $shorter, $thickness] = $item->size->sides();
        foreach ([[$longer, $shorter], [$shorter, $longer]] as [$kept, $bentSide]) {
            foreach ([true, false] as $upTheBack) {
                foreach ($this->ells($pile, $z, $kept, $bentSide, $thickness, $upTheBack) as $parts) {
                    if ($this->bothStand($parts, $item, $pile, $ceiling)) {
                        return new Placement($item->id, 1, null, How::UpTheWall, 0.0, $parts);
                    }
                }
            }
        }

        return null;
    }

    /** @return list<array{Part, Part}> against each end of the wall in turn */
    private function ells(Pile $pile, int $z, int $kept, int $bentSide, int $thickness, bool $upTheBack): array
    {
        [$x1, $y1, $x2, $y2] = $pile->box->freeBetween($z, $thickness);
        $lying = ($upTheBack ? $y2 - $y1 : $x2 - $x1) - $thickness;
        $rising = $bentSide - $lying;
        if ($rising <= $thickness || $lying <= 0 || $kept > ($upTheBack ? $x2 - $x1 : $y2 - $y1)) {
            return [];
        }
        // A box that narrows upwards holds the standing share to a shorter floor.
        [$x1, $y1, $x2, $y2] = $pile->box->freeBetween($z, $rising);
        $lying = ($upTheBack ? $y2 - $y1 : $x2 - $x1) - $thickness;
        $rising = $bentSide - $lying;
        if ($lying <= 0) {
            return [];
        }

        return $upTheBack
            ? array_map(
                static fn (int $x): array => [
                    new Part($x, $y1, $z, $kept, $lying, $thickness),
                    new Part($x, $y1 + $lying, $z, $kept, $thickness, $rising),
                ],
                array_values(array_unique([$x1, $x2 - $kept])),
            )
            : array_map(
                static fn (int $y): array => [
                    new Part($x1, $y, $z, $lying, $kept, $thickness),
                    new Part($x1 + $lying, $y, $z, $thickness, $kept, $rising),
                ],
                array_values(array_unique([$y1, $y2 - $kept])),
            );
    }

    /** @param array{Part, Part} $parts */
    private function bothStand(array $parts, Item $item, Pile $pile, int $ceiling): bool
    {
        [$lying, $standing] = $parts;

        return $pile->isInside($lying, 0.0, $ceiling) && $pile->isInside($standing, 0.0, $ceiling)
            && $this->stands($lying, 0.0, $item, $pile)
            && $pile->isFree(new Standing($standing, 0.0, $item, false));
    }

    private function stands(Part $part, float $angle, Item $item, Pile $pile): bool
    {
        $new = new Standing($part, $angle, $item, false);

        return $pile->isFree($new) && $pile->allows($new, true) && $pile->carried($new) >= Pile::CARRIED;
    }
}
