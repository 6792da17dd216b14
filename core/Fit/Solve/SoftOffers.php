<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;

/**
 * Soft pieces as offers for a space: at rest where they go in so, and pressed to the space's own measures where they
 * give enough.
 *
 * @phpstan-import-type Row from Offers
 */
final class SoftOffers
{
    /** @var list<array{int, int, int, float, Item, int}> sides, weight, what it is, kind */
    private array $rows = [];

    /** Whether what has room is pressed all the same. */
    private bool $isTight = false;

    public function add(Kind $kind, int $number, float $weight, bool $isTight = false): void
    {
        $this->isTight = $isTight;
        $size = $kind->model->size;
        foreach (
            Unit::single($number, [
                $size->length, $size->width, $size->height,
            ])->turns($kind->model->keepUpright) as [$l, $w, $h]
        ) {
            $this->rows[] = [$l, $w, $h, $weight, $kind->model, $number];
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
    public function for(int $long, int $broad, int $highest): array
    {
        $fitting = [];
        foreach ($this->rows as [$l, $w, $h, $weight, $model, $kind]) {
            $high = $this->isTight ? min($highest, (int) ceil($model->squeeze * $h)) : $highest;
            if ($l <= $long && $w <= $broad && $h <= $high) {
                $fitting[] = [$l, $w, $h, $weight, $l * $w * $h, $kind, [0, 1, 2], null];

                continue;
            }
            $pressed = Pressing::into($l, $w, $h, $long, $broad, $high, $model);
            if ($pressed !== null) {
                [$l, $w, $h] = $pressed;
                $fitting[] = [$l, $w, $h, $weight, $l * $w * $h, $kind, [0, 1, 2], How::Pressed];
            }
        }

        return $fitting;
    }
}
