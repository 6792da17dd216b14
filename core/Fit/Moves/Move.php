<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Moves;

use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;

/** What goes in at one go: a piece, a bundle of several, two side by side, or all that fills a hollow. */
final readonly class Move
{
    /** @param non-empty-list<Placement> $placements */
    private function __construct(public int $step, public array $placements) {}

    /**
     * @param  list<Placement>  $placements
     * @return list<self> by their steps
     */
    public static function of(array $placements): array
    {
        $steps = [];
        foreach ($placements as $placement) {
            $steps[$placement->step][] = $placement;
        }
        ksort($steps);

        return array_map(
            static fn (int $step, array $placements): self => new self($step, $placements),
            array_keys($steps),
            $steps,
        );
    }

    public function first(): Placement
    {
        return $this->placements[0];
    }

    /**
     * Its things one by one: each goes somewhere by itself, a bundle or several alike as one; what fills a hollow stays
     * together.
     *
     * @return non-empty-list<self>
     */
    public function each(): array
    {
        if ($this->holder() !== null || count($this->items()) === 1) {
            return [$this];
        }
        $things = [];
        foreach ($this->placements as $placement) {
            $things[Item::idOf($placement->id)][] = $placement;
        }

        return array_map(
            fn (array $placements): self => new self($this->step, $placements),
            array_values($things),
        );
    }

    /** The id of what is filled; null where it goes into the box itself. */
    public function holder(): ?string
    {
        return $this->first()->in;
    }

    /** @return non-empty-list<string> */
    public function ids(): array
    {
        return array_map(static fn (Placement $placement): string => $placement->id, $this->placements);
    }

    /** @return non-empty-list<string> ids of the items of which it is */
    public function items(): array
    {
        return array_values(array_unique(array_map(Item::idOf(...), $this->ids())));
    }

    /** Determine if it has to be made before another: what fills it, or what lies under it. */
    public function mustPrecede(self $then): bool
    {
        if ($this->holder() !== null) {
            return in_array($this->holder(), $then->ids(), true);
        }
        foreach ($then->holder() === null ? $this->placements : [] as $under) {
            foreach ($then->placements as $over) {
                if (Beneath::liesUnder($under, $over)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** The block round all of it. */
    public function block(): Part
    {
        return self::around(array_merge(...array_map(
            static fn (Placement $placement): array => $placement->parts,
            $this->placements,
        )));
    }

    /** The block that others may be laid on: of what is bent up a wall, what lies. */
    public function table(): Part
    {
        return self::around(
            array_map(static fn (Placement $placement): Part => $placement->parts[0], $this->placements),
        );
    }

    /** @param non-empty-list<Part> $parts */
    private static function around(array $parts): Part
    {
        $from = [PHP_INT_MAX, PHP_INT_MAX, PHP_INT_MAX];
        $to = [PHP_INT_MIN, PHP_INT_MIN, PHP_INT_MIN];
        foreach ($parts as $part) {
            $from = [min($from[0], $part->x), min($from[1], $part->y), min($from[2], $part->z)];
            $to = [max($to[0], $part->x + $part->l), max($to[1], $part->y + $part->w), max($to[2], $part->top())];
        }

        return new Part($from[0], $from[1], $from[2], $to[0] - $from[0], $to[1] - $from[1], $to[2] - $from[2]);
    }
}
