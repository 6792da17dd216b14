<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Order;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;

/**
 * Makes a packing one that is preferred: flat things, piece by piece, under what lies on the floor; then what is to be
 * seen first on top, and private things under others.
 *
 * @phpstan-import-type Row from Layout
 */
final readonly class Polish
{
    private FloorPlaces $places;

    private SeenAsWanted $seen;

    /** @param array<string, Item> $items all, by id */
    public function __construct(private Problem $problem, private array $items, private Budget $budget)
    {
        $this->places = new FloorPlaces($problem->box);
        $this->seen = new SeenAsWanted($problem, $items, $budget);
    }

    /**
     * @param  list<Placement>  $placements  all that are in the box but what is pinned
     * @return list<Placement> the same where nothing could be done
     */
    public function of(array $placements): array
    {
        $packing = Improvement::of($this->problem, $this->items, $this->budget, $placements);
        if ($packing !== null && $this->problem->order === Order::FlatsFirst) {
            foreach ($this->flats($packing) as $row) {
                if ($packing->kept->order < 1.0 && ! self::liesOnTheFloor($row, $packing->placements)) {
                    $packing->takeFirst($this->places->layouts($row, $packing->rowsBut($row)));
                }
            }
            $placements = $packing->placements;
        }

        return $this->seen->of($placements);
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
