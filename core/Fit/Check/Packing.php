<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Check;

use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Result;

/** A problem and its result side by side, with the solids that stand in the box itself. */
final readonly class Packing
{
    /** @var array<string, Item> */
    public array $items;

    /** @var list<Solid> */
    public array $solids;

    /** @var array<string, list<Placement>> what is nested, by its holder */
    public array $contents;

    /** @var array<string, string> the item that a single is to be packed together with, by the single's id */
    public array $bundles;

    public function __construct(public Problem $problem, public Result $result)
    {
        $items = $problem->singles();
        $solids = [];
        $contents = [];
        foreach ($result->placements as $placement) {
            if ($placement->in !== null) {
                $contents[$placement->in][] = $placement;

                continue;
            }
            foreach ($placement->parts as $index => $part) {
                $solids[] = new Solid($placement, $part, $index);
            }
        }
        foreach ($contents as $holder => $inside) {
            // Leaves between its pages make a book as much thicker.
            if (isset($items[$holder]) && $items[$holder]->hasPages()) {
                $items[$holder] = $items[$holder]->thickerBy(array_sum(
                    array_map(static fn (Placement $placement): int => $placement->parts[0]->h, $inside),
                ));
            }
        }
        $this->items = $items;
        $this->solids = $solids;
        $this->contents = $contents;
        $bundles = [];
        foreach ($problem->items as $item) {
            foreach ($item->together && $item->quantity > 1 ? $item->singles() : [] as $single) {
                $bundles[$single->id] = $item->id;
            }
        }
        $this->bundles = $bundles;
    }

    /** Determine if two pieces belong to one bundle. */
    public function isOneBundle(string $id, string $other): bool
    {
        return isset($this->bundles[$id]) && $this->bundles[$id] === ($this->bundles[$other] ?? null);
    }

    /** @return list<array{Placement, Item}> every placement of a piece that the problem knows */
    public function known(): array
    {
        $known = [];
        foreach ($this->result->placements as $placement) {
            if (isset($this->items[$placement->id])) {
                $known[] = [$placement, $this->items[$placement->id]];
            }
        }

        return $known;
    }

    /** @return list<array{Solid, Solid}> */
    public function pairs(): array
    {
        $pairs = [];
        foreach ($this->solids as $index => $solid) {
            foreach (array_slice($this->solids, $index + 1) as $other) {
                $pairs[] = [$solid, $other];
            }
        }

        return $pairs;
    }
}
