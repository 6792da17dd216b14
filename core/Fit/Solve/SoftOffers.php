<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\How;

/**
 * Soft pieces as offers for a space: at rest where they go in so, and pressed along one axis to the space's own measure
 * where they give enough.
 *
 * @phpstan-import-type Row from Offers
 */
final class SoftOffers
{
    /** Lengths that differ by more, in tenths of a millimetre, are told apart by everyone. */
    private const TOLD_APART = 6;

    /** @var list<array{int, int, int, float, float, int}> sides, weight, least share of one side, kind */
    private array $rows = [];

    public function add(Kind $kind, int $number, float $weight): void
    {
        $size = $kind->model->size;
        foreach (
            Unit::single($number, [
                $size->length, $size->width, $size->height,
            ])->turns($kind->model->keepUpright) as [$l, $w, $h]
        ) {
            $this->rows[] = [$l, $w, $h, $weight, $kind->model->squeeze, $number];
        }
    }

    public function remain(): bool
    {
        return $this->rows !== [];
    }

    /** @param array<int, int> $left how many of each kind */
    public function took(array $left): void
    {
        $this->rows = array_values(array_filter($this->rows, static fn (array $row): bool => $left[$row[5]] > 0));
    }

    /** @return list<Row> */
    public function for(int $long, int $broad, int $high): array
    {
        $fitting = [];
        foreach ($this->rows as [$l, $w, $h, $weight, $squeeze, $kind]) {
            $pressed = [min($l, $long), min($w, $broad), min($h, $high)];
            $changed = ($l > $long ? 1 : 0) + ($w > $broad ? 1 : 0) + ($h > $high ? 1 : 0);
            if ($changed === 0) {
                $fitting[] = [$l, $w, $h, $weight, $l * $w * $h, $kind, [0, 1, 2], null];
            } elseif (
                $changed === 1
                    && $pressed[0] >= $squeeze * $l
                    && $pressed[1] >= $squeeze * $w
                    && $pressed[2] >= $squeeze * $h
                    && ! self::isAmbiguous([$l, $w, $h], $pressed)
            ) {
                $fitting[] = [
                    $pressed[0],
                    $pressed[1],
                    $pressed[2],
                    $weight,
                    $pressed[0] * $pressed[1] * $pressed[2],
                    $kind,
                    [0, 1, 2],
                    How::Pressed,
                ];
            }
        }

        return $fitting;
    }

    /**
     * Pressed from the side by less than can be measured, or to another of its own sides, a piece could be taken for
     * one pressed from above.
     *
     * @param  array{int, int, int}  $sides
     * @param  array{int, int, int}  $pressed
     */
    private static function isAmbiguous(array $sides, array $pressed): bool
    {
        foreach ([0, 1] as $axis) {
            foreach ($pressed[$axis] < $sides[$axis] ? $sides : [] as $side) {
                if (abs($pressed[$axis] - $side) <= self::TOLD_APART) {
                    return true;
                }
            }
        }

        return false;
    }
}
