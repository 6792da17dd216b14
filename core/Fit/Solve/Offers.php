<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;

/**
 * What of the pieces that are left suits a space, and how well. This is where a solve spends its time: an offer is a
 * plain row [l, w, h, weight, volume, unit or number of the kind, axes, how].
 *
 * @phpstan-type Row array{int, int, int, float, int, Unit|int, array{int, int, int}, How|null}
 */
final class Offers
{
    /** How much more a must counts. An estimate. */
    private const MUST = 1.5;

    /** A wider gap, in tenths of a millimetre, can be used one way or another. */
    private const NARROW = UsableGaps::NARROW;

    /**
     * @var array{int, int, int, float} the least longest, middle and shortest side of the pieces that are left, and the
     *     least volume
     */
    public array $smallest = [0, 0, 0, 0.0];

    /** The least side of what is left and keeps its sides. */
    private int $least = 0;

    /** @var list<Row> */
    private array $rows = [];

    private readonly SoftOffers $soft;

    /** @var list<int> those that fold or pour and are placed along with the rest */
    private array $heaps = [];

    /** @var list<int> of a narrow gap, what nothing can fill */
    private array $lost = [];

    /** @var list<float> by the kind's number */
    private array $weights = [];

    /**
     * @param  array<string, float>  $priorities  above 1 for what stayed out before, by id
     * @param  bool  $isHeld  whether what folds is held up by walls, as in a bottle
     * @param  array<int, true>  $heldBack  kinds that are placed afterwards, by their numbers
     * @param  bool  $isTight  whether what gives is pressed as far as it goes, however much room there is
     */
    public function __construct(
        public readonly Repertoire $repertoire,
        private readonly SpaceCare $care,
        array $priorities,
        int $seed,
        private readonly bool $isHeld = false,
        private readonly array $heldBack = [],
        private readonly bool $isTight = false,
    ) {
        $chance = new Chance($seed, $care->chance);
        $this->soft = new SoftOffers;
        foreach ($repertoire->kinds as $kind) {
            $priority = max(array_map(static fn (Item $item): float => $priorities[$item->id] ?? 1.0, $kind->items));
            $this->weights[] = $priority * (
                $kind->model->must ? self::MUST : 1.0
            ) * $kind->model->value ** 0.25 * $chance->next();
        }
        foreach ($repertoire->units as $unit) {
            if (array_intersect_key($unit->uses, $heldBack) !== []) {
                continue;
            }
            $model = $repertoire->kinds[array_key_first($unit->uses)]->model;
            $weight = $unit->volume ** $care->size * max(
                array_map(fn (int $kind): float => $this->weights[$kind], array_keys($unit->uses)),
            ) * $chance->next();
            foreach ($unit->turns($model->keepUpright) as [$l, $w, $h, $axes]) {
                $this->rows[] = [$l, $w, $h, $weight, $unit->volume, $unit, $axes, null];
            }
        }
        foreach (array_diff($repertoire->ofForm(Form::Soft), array_keys($heldBack)) as $number) {
            $model = $repertoire->kinds[$number]->model;
            $weight = $model->size->volume() ** $care->size * $this->weights[$number];
            $this->soft->add($repertoire->kinds[$number], $number, $weight, $isTight);
        }
        if ($care->heapsEarly) {
            $this->heaps = $this->fillUp();
        }
    }

    /** @return list<int> the kinds that fold or pour and are placed along with the rest or after it */
    public function fillUp(): array
    {
        return array_values(array_diff($this->repertoire->heaps(), array_keys($this->heldBack)));
    }

    /** Determine if anything is left that does not merely fill up. */
    public function remain(): bool
    {
        return $this->rows !== [] || $this->soft->remain() || $this->heaps !== [];
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
        $this->soft->took($left);
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
            $smallest = Kind::lesser($smallest, $kind->leastMeasures());
            if (! $kind->model->form->takesAnyShape()) {
                foreach ($kind->model->size->sides() as $side) {
                    $sides[$side] = true;
                    $this->least = min($this->least, $side);
                }
            }
        }
        $this->lost = (new UsableGaps($sides))->lost;
        $this->smallest = $smallest;
    }

    /**
     * @param  array{int, int, int, int, int, int}  $space
     * @return array{list<float>, list<Row>} scores, and under the same keys what is offered
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
            $used = ($row[0] + ($gapX > self::NARROW ? 0 : $lost[$gapX])) * (
                $row[1] + ($gapY > self::NARROW ? 0 : $lost[$gapY])
            ) * (
                $row[2] + ($gapZ > self::NARROW ? 0 : $lost[$gapZ])
            );
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
        return Heaps::in(
            $this->repertoire->kinds[$kind]->model,
            $space[3] - $space[0],
            $space[4] - $space[1],
            $space[5] - $space[2],
            $this->isHeld,
            $this->isTight,
        );
    }

    public function howHeaped(int $kind): How
    {
        return How::heaped($this->repertoire->kinds[$kind]->model->form);
    }

    /** @return list<Row> */
    private function fitting(int $long, int $broad, int $high): array
    {
        $fitting = [];
        foreach ($this->rows as $row) {
            if ($row[0] <= $long && $row[1] <= $broad && $row[2] <= $high) {
                $fitting[] = $row;
            }
        }
        array_push($fitting, ...$this->soft->for($long, $broad, $high));
        foreach ($this->heaps as $kind) {
            $weight = $this->repertoire->kinds[$kind]->model->size->volume() ** $this->care->size
                * $this->weights[$kind]
                * $this->care->heapWeight;
            $model = $this->repertoire->kinds[$kind]->model;
            foreach (Heaps::in($model, $long, $broad, $high, $this->isHeld, $this->isTight) as [$l, $w, $h]) {
                $fitting[] = [$l, $w, $h, $weight, $l * $w * $h, $kind, [0, 1, 2], $this->howHeaped($kind)];
            }
        }

        return $fitting;
    }
}
