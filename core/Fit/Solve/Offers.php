<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;

/**
 * What of the pieces that are left suits a space, and how well. This is where a solve spends its time: an offer is a plain row
 * [l, w, h, weight, volume, unit or number of the kind, axes, how].
 */
final class Offers
{
    /** How much more a must counts. An estimate. */
    private const MUST = 1.5;

    /** Lengths that differ by more, in tenths of a millimetre, are told apart by everyone. */
    private const TOLD_APART = 6;

    /** A wider gap, in tenths of a millimetre, can be used one way or another. */
    private const NARROW = UsableGaps::NARROW;

    /** @var array{int, int, int, float} the least longest, middle and shortest side of the pieces that are left, and the least volume */
    public array $smallest = [0, 0, 0, 0.0];

    /** The least side of what is left and keeps its sides. */
    private int $least = 0;

    /** @var list<array{int, int, int, float, int, Unit|int, array{int, int, int}, How|null}> */
    private array $rows = [];

    /** @var list<array{int, int, int, float, float, int}> of soft pieces: sides, weight, least share of one side, kind */
    private array $soft = [];

    /** @var list<int> those that fold or pour and are placed along with the rest */
    private array $heaps = [];

    /** @var list<int> of a narrow gap, what nothing can fill */
    private array $lost = [];

    /** @var list<float> by the kind's number */
    private array $weights = [];

    private int $chance;

    /** @param array<string, float> $priorities above 1 for what stayed out before, by id */
    public function __construct(public readonly Repertoire $repertoire, private readonly SpaceCare $care, array $priorities, int $seed)
    {
        $this->chance = ($seed * 2_654_435_761 + 97) & 0x7FFFFFFF;
        foreach ($repertoire->kinds as $kind) {
            $priority = max(array_map(static fn (Item $item): float => $priorities[$item->id] ?? 1.0, $kind->items));
            $this->weights[] = $priority * ($kind->model->must ? self::MUST : 1.0) * $kind->model->value ** 0.25 * $this->shaken();
        }
        foreach ($repertoire->units as $unit) {
            $model = $repertoire->kinds[array_key_first($unit->uses)]->model;
            $weight = $unit->volume ** $care->size * max(array_map(fn (int $kind): float => $this->weights[$kind], array_keys($unit->uses))) * $this->shaken();
            foreach ($unit->turns($model->keepUpright) as [$l, $w, $h, $axes]) {
                $this->rows[] = [$l, $w, $h, $weight, $unit->volume, $unit, $axes, null];
            }
        }
        foreach ($repertoire->ofForm(Form::Soft) as $number) {
            $model = $repertoire->kinds[$number]->model;
            $weight = $model->size->volume() ** $care->size * $this->weights[$number];
            foreach (Unit::single($number, [$model->size->length, $model->size->width, $model->size->height])->turns($model->keepUpright) as [$l, $w, $h]) {
                $this->soft[] = [$l, $w, $h, $weight, $model->squeeze, $number];
            }
        }
        if ($care->heapsEarly) {
            $this->heaps = $repertoire->ofForm(Form::Cloth, Form::Loose);
        }
    }

    /** Determine if anything is left that does not merely fill up. */
    public function remain(): bool
    {
        return $this->rows !== [] || $this->soft !== [] || $this->heaps !== [];
    }

    public function weight(int $kind): float
    {
        return $this->weights[$kind] * $this->repertoire->kinds[$kind]->model->size->volume();
    }

    /** @param array<int, int> $left how many of each kind */
    public function took(array $left, bool $reckons): void
    {
        $rows = [];
        foreach ($this->rows as $row) {
            foreach ($row[5] instanceof Unit ? $row[5]->uses : [] as $kind => $count) {
                if ($left[$kind] < $count) {
                    continue 2;
                }
            }
            $rows[] = $row;
        }
        $this->rows = $rows;
        $this->soft = array_values(array_filter($this->soft, static fn (array $row): bool => $left[$row[5]] > 0));
        $this->heaps = array_values(array_filter($this->heaps, static fn (int $kind): bool => $left[$kind] > 0));
        if ($reckons) {
            $this->reckon($left);
        }
    }

    /** @param array<int, int> $left how many of each kind */
    public function reckon(array $left): void
    {
        $sides = [];
        $smallest = [PHP_INT_MAX, PHP_INT_MAX, PHP_INT_MAX, INF];
        $this->least = PHP_INT_MAX;
        foreach ($left as $number => $count) {
            if ($count === 0) {
                continue;
            }
            $kind = $this->repertoire->kinds[$number];
            [$longest, $middle, $shortest, $volume] = $kind->leastMeasures();
            if ($kind->model->form !== Form::Cloth && $kind->model->form !== Form::Loose) {
                foreach ($kind->model->size->sides() as $side) {
                    $sides[$side] = true;
                    $this->least = min($this->least, $side);
                }
            }
            $smallest = [min($smallest[0], $longest), min($smallest[1], $middle), min($smallest[2], $shortest), min($smallest[3], $volume)];
        }
        $this->lost = (new UsableGaps($sides))->lost;
        $this->smallest = $smallest;
    }

    /**
     * @param  array{int, int, int, int, int, int}  $space
     * @return array{list<float>, list<array{int, int, int, float, int, Unit|int, array{int, int, int}, How|null}>} scores, and under the same keys what is offered
     */
    public function for(array $space): array
    {
        $long = $space[3] - $space[0];
        $broad = $space[4] - $space[1];
        $high = $space[5] - $space[2];
        $least = $this->least;
        $lost = $this->lost;
        $waste = $this->care->waste;
        $snugness = $this->care->snug;
        $scores = $offers = [];
        foreach ($this->fitting($long, $broad, $high) as $row) {
            $gapX = $long - $row[0];
            $gapY = $broad - $row[1];
            $gapZ = $high - $row[2];
            // A gap that nothing left can use is as good as filled, and counts against the piece that makes it.
            $used = ($row[0] + ($gapX > self::NARROW ? 0 : $lost[$gapX])) * ($row[1] + ($gapY > self::NARROW ? 0 : $lost[$gapY])) * ($row[2] + ($gapZ > self::NARROW ? 0 : $lost[$gapZ]));
            $snug = ($gapX < $least ? 1 : 0) + ($gapY < $least ? 1 : 0) + ($gapZ < $least ? 1 : 0);
            $scores[] = $row[3] * ($row[4] / $used) ** $waste * (1 + $snugness * $snug);
            $offers[] = $row;
        }

        return [$scores, $offers];
    }

    /**
     * The blocks of a kind that folds or pours, moulded to a space: laid on its floor, or set against a wall of it.
     *
     * @param  array{int, int, int, int, int, int}  $space
     * @return list<array{int, int, int}>
     */
    public function heaps(int $kind, array $space): array
    {
        return Heaps::in($this->repertoire->kinds[$kind]->model, $space[3] - $space[0], $space[4] - $space[1], $space[5] - $space[2]);
    }

    public function howHeaped(int $kind): How
    {
        return $this->repertoire->kinds[$kind]->model->form === Form::Cloth ? How::Refolded : How::Moulded;
    }

    /** @return list<array{int, int, int, float, int, Unit|int, array{int, int, int}, How|null}> */
    private function fitting(int $long, int $broad, int $high): array
    {
        $fitting = [];
        foreach ($this->rows as $row) {
            if ($row[0] <= $long && $row[1] <= $broad && $row[2] <= $high) {
                $fitting[] = $row;
            }
        }
        foreach ($this->soft as [$l, $w, $h, $weight, $squeeze, $kind]) {
            $pressed = [min($l, $long), min($w, $broad), min($h, $high)];
            $changed = ($l > $long ? 1 : 0) + ($w > $broad ? 1 : 0) + ($h > $high ? 1 : 0);
            if ($changed === 0) {
                $fitting[] = [$l, $w, $h, $weight, $l * $w * $h, $kind, [0, 1, 2], null];
            } elseif ($changed === 1 && $pressed[0] >= $squeeze * $l && $pressed[1] >= $squeeze * $w && $pressed[2] >= $squeeze * $h && ! self::isAmbiguous([$l, $w, $h], $pressed)) {
                $fitting[] = [...$pressed, $weight, $pressed[0] * $pressed[1] * $pressed[2], $kind, [0, 1, 2], How::Pressed];
            }
        }
        foreach ($this->heaps as $kind) {
            $weight = $this->repertoire->kinds[$kind]->model->size->volume() ** $this->care->size * $this->weights[$kind] * $this->care->heapWeight;
            foreach (Heaps::in($this->repertoire->kinds[$kind]->model, $long, $broad, $high) as [$l, $w, $h]) {
                $fitting[] = [$l, $w, $h, $weight, $l * $w * $h, $kind, [0, 1, 2], $this->howHeaped($kind)];
            }
        }

        return $fitting;
    }

    /**
     * Pressed from the side by less than can be measured, or to another of its own sides, a piece could be taken for one pressed from above.
     *
     * @param  array{int, int, int}  $sides
     * @param  array{int, int, int}  $pressed
     */
    private static function isAmbiguous(array $sides, array $pressed): bool
    {
        foreach ([0, 1] as $axis) {
            foreach ($pressed[$axis] < $sides[$axis] ? [0, 1, 2] : [] as $other) {
                if (abs($pressed[$axis] - $sides[$other]) <= self::TOLD_APART) {
                    return true;
                }
            }
        }

        return false;
    }

    /** A little chance, the same for the same seed. */
    private function shaken(): float
    {
        if ($this->care->chance === 0.0) {
            return 1.0;
        }
        $this->chance = ($this->chance * 1_103_515_245 + 12_345) & 0x7FFFFFFF;

        return 1.0 + $this->care->chance * ($this->chance / 0x7FFFFFFF - 0.5);
    }
}
