<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Moves;

use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Geometry\SideBySide;
use PluckyWren\Core\Fit\Part;

/** Where each thing of a packing lies, and what is true of it there. Lengths in tenths of a millimetre. */
final readonly class Surroundings
{
    /** What stands no further from a wall stands against it, as it does beside another. */
    public const NEAR = SideBySide::NEAR;

    /** A top so near to an underside carries it. */
    private const CONTACT = 20;

    /** The least share of its underside that lies on what it is said to lie on. */
    private const LIES_ON = 0.08;

    /**
     * @param  array<string, Part>  $blocks  by the id of the first piece of each thing
     * @param  array<string, Part>  $tables  what of each others may be laid on, by the same ids
     * @param  array<string, string>  $names  by the same ids: two of one name cannot be told apart
     */
    public function __construct(
        private BoxShape $box,
        private array $blocks,
        private array $tables,
        private array $names,
    ) {}

    /** Determine if a relation holds for a block, whichever of those by a name it is said of. */
    public function holds(Relation $relation, string $id): bool
    {
        $block = $this->blocks[$id];

        return match ($relation->kind) {
            'floor' => $block->z <= self::CONTACT && ! $this->liesOnSomething($id),
            'corner', 'wall' => array_filter(
                $relation->sides,
                fn (Side $side): bool => $this->gap($block, $side) > self::NEAR,
            ) === [],
            'from' => (int) round($this->gap($block, $relation->sides[0]) / 100) === $relation->cm,
            'above' => (int) round($block->z / 10) === $relation->mm,
            'beside-it' => $relation->other !== $id
                && $this->isBeside($block, $relation->sides[0], $this->blocks[$relation->other ?? '']),
            'on' => $this->anyCalled(
                $relation->other,
                $id,
                fn (Part $other): bool => $this->carries($other, $block) >= self::LIES_ON,
                $this->tables,
            ),
            default => $this->anyCalled(
                $relation->other,
                $id,
                fn (Part $other): bool => $this->isBeside($block, $relation->sides[0], $other),
                $this->blocks,
            ),
        };
    }

    /** Determine if something lies beneath it: a sheet too, that is hardly thicker than nothing. */
    private function liesOnSomething(string $id): bool
    {
        $block = $this->blocks[$id];
        foreach ($this->tables as $other => $table) {
            if ($this->blocks[$other]->z < $block->z && $this->carries($table, $block) >= self::LIES_ON) {
                return true;
            }
        }

        return false;
    }

    /** Determine if a relation holds for nothing else. */
    public function isAlone(string $id, Relation ...$relations): bool
    {
        foreach (array_keys($this->blocks) as $other) {
            if ((string) $other !== $id && $this->holdAll((string) $other, $relations)) {
                return false;
            }
        }

        return true;
    }

    /** @param array<Relation> $relations */
    private function holdAll(string $id, array $relations): bool
    {
        foreach ($relations as $relation) {
            if (! $this->holds($relation, $id)) {
                return false;
            }
        }

        return true;
    }

    /** How far a block is from a wall at its own levels. */
    public function gap(Part $block, Side $side): int
    {
        [$x1, $y1, $x2, $y2] = $this->box->freeBetween($block->z, $block->h);

        return match ($side) {
            Side::Left => $block->x - $x1,
            Side::Right => $x2 - $block->x - $block->l,
            Side::Front => $block->y - $y1,
            Side::Back => $y2 - $block->y - $block->w,
        };
    }

    /** The share of a block's underside that lies on another. */
    public function carries(Part $other, Part $block): float
    {
        return abs($other->top() - $block->z) <= self::CONTACT
            ? self::shared($other->x, $other->l, $block->x, $block->l)
                * self::shared($other->y, $other->w, $block->y, $block->w) / ($block->l * $block->w)
            : 0.0;
    }

    /** Determine if a block stands on that side of another, near it and alongside it. */
    public function isBeside(Part $block, Side $side, Part $other): bool
    {
        return match ($side) {
            Side::Left => SideBySide::fromLeftToRight($block, $other),
            Side::Right => SideBySide::fromLeftToRight($other, $block),
            Side::Front => SideBySide::fromFrontToBack($block, $other),
            Side::Back => SideBySide::fromFrontToBack($other, $block),
        };
    }

    /**
     * @param  callable(Part): bool  $holds
     * @param  array<string, Part>  $blocks
     */
    private function anyCalled(?string $other, string $but, callable $holds, array $blocks): bool
    {
        foreach ($blocks as $id => $block) {
            if ((string) $id !== $but && $this->names[$id] === $this->names[$other ?? ''] && $holds($block)) {
                return true;
            }
        }

        return false;
    }

    private static function shared(int $from, int $side, int $otherFrom, int $otherSide): int
    {
        return max(0, min($from + $side, $otherFrom + $otherSide) - max($from, $otherFrom));
    }
}
