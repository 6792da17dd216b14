<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Kept;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;

/**
 * A packing that is made one that is preferred: as it is now, and how well it keeps what is preferred.
 *
 * @phpstan-import-type Row from Layout
 */
final class Improvement
{
    public Kept $kept;

    /**
     * @param  array<string, Item>  $items  all, by id
     * @param  list<Placement>  $placements
     */
    private function __construct(
        private readonly Problem $problem,
        private readonly array $items,
        private readonly Budget $budget,
        private Layout $layout,
        public array $placements,
    ) {
        $this->kept = $this->keptBy($placements);
    }

    /**
     * @param  array<string, Item>  $items  all, by id
     * @param  list<Placement>  $placements
     * @return self|null null where nothing can be done: something is pinned, or lies otherwise than as a block
     */
    public static function of(Problem $problem, array $items, Budget $budget, array $placements): ?self
    {
        $layout = $problem->pinned === [] ? Layout::of($problem->box, $placements, $items) : null;

        return $layout === null ? null : new self($problem, $items, $budget, $layout, $placements);
    }

    /** @return list<Row> in the order in which they go in */
    public function rows(): array
    {
        return $this->layout->rows;
    }

    /**
     * @param  Row  $row
     * @return list<Row> all but that one
     */
    public function rowsBut(array $row): array
    {
        return array_values(array_filter($this->layout->rows, static fn (array $other): bool => $other !== $row));
    }

    /**
     * Take the first of some layouts that is better than what there is; none where none is.
     *
     * @param  iterable<list<Row>>  $layouts
     */
    public function takeFirst(iterable $layouts): void
    {
        foreach ($layouts as $rows) {
            if ($this->budget->isSpent()) {
                return;
            }
            $settled = $this->layout->settled($rows);
            $kept = $settled === null ? null : $this->keptBy($settled);
            if ($settled !== null && $kept !== null && self::isBetter($kept, $this->kept)) {
                $this->layout->rows = $rows;
                [$this->placements, $this->kept] = [$settled, $kept];

                return;
            }
        }
    }

    /** @param list<Placement> $placements */
    private function keptBy(array $placements): Kept
    {
        return Kept::in($this->problem->box, $this->problem->order, $placements, $this->items);
    }

    private static function isBetter(Kept $one, Kept $other): bool
    {
        $order = static fn (Kept $kept): array => [...$kept->amiss(), -round($kept->order, 3)];

        return $order($one) < $order($other);
    }
}
