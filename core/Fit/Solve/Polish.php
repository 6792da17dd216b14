<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Order;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;

/**
 * Makes a packing one that is preferred, piece by piece: flat things under what lies on the floor, what is to be seen
 * first on top of all, private things under others.
 *
 * @phpstan-import-type Row from Layout
 */
final readonly class Polish
{
    private OtherPlaces $places;

    private OutOfSight $outOfSight;

    /** @param array<string, Item> $items all, by id */
    public function __construct(private Problem $problem, private array $items, private Budget $budget)
    {
        $this->places = new OtherPlaces($problem->box, $items);
        $this->outOfSight = new OutOfSight($items, $this->places);
    }

    /**
     * @param  list<Placement>  $placements
     * @return list<Placement> the same where nothing could be done
     */
    public function of(array $placements): array
    {
        $packing = Improvement::of($this->problem, $this->items, $this->budget, $placements);
        if ($packing === null) {
            return $placements;
        }
        // What is hidden leaves more ways for the flat things; and these may bring something to light again.
        $this->outOfSight->of($packing);
        foreach ($this->problem->order === Order::FlatsFirst ? $this->flats($packing) : [] as $row) {
            if ($packing->kept->order < 1.0 && ! self::liesOnTheFloor($row, $packing->placements)) {
                $packing->takeFirst($this->places->layouts($row, $packing->rowsBut($row), true));
            }
        }
        foreach ($packing->kept->coveredFirstSights as $id) {
            $row = $packing->row($id);
            $packing->takeFirst($row === null ? [] : $this->places->layouts($row, $packing->rowsBut($row), false));
        }
        $this->outOfSight->of($packing);

        return $packing->placements;
    }

    /** @return list<Row> what is flat and keeps its sides, the broadest first, as it would lie flat */
    private function flats(Improvement $packing): array
    {
        $flats = array_values(array_filter(
            $packing->rows(),
            fn (array $row): bool => FloorPlan::mayBeLaid($this->items[$row[0]]),
        ));
        usort($flats, static fn (array $one, array $other): int => self::face($other) <=> self::face($one));

        return $flats;
    }

    /**
     * @param  Row  $row
     * @param  list<Placement>  $placements
     */
    private static function liesOnTheFloor(array $row, array $placements): bool
    {
        $part = array_column($placements, null, 'id')[$row[0]]->parts[0];

        return $part->z === 0 && $part->h <= min($part->l, $part->w);
    }

    /** @param Row $row */
    private static function face(array $row): int
    {
        return $row[3] * $row[4] * $row[5] / min($row[3], $row[4], $row[5]);
    }
}
