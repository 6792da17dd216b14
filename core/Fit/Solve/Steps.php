<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Geometry\SideBySide;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;

/**
 * Numbers a packing so that it can be followed: from the floor up, at each level what covers most first, so that there
 * is something by which to lay the rest, then back to front and left to right; what is nested just before what holds
 * it. What goes in at one go is one step: all that fills one hollow, like beside like, and two plain things side by
 * side, one with each hand.
 */
final class Steps
{
    /** What lies no further apart, in tenths of a millimetre, is laid side by side. */
    private const BESIDE = 20;

    /**
     * Sorting by the level of the underside is enough for a valid order: whatever is beneath a part starts lower.
     *
     * @param  list<Placement>  $placements
     * @param  list<Placement>  $pinned  what is in the box already keeps its steps
     * @param  array<string, Item>  $items  by id, at least all that goes into the box itself
     * @return list<Placement>
     */
    public static function number(array $placements, array $pinned, array $items): array
    {
        $step = max(0, 0, ...array_map(static fn (Placement $placement): int => $placement->step, $pinned));
        $numbered = $pinned;
        foreach (self::moves(self::sorted($placements), $items) as $move) {
            $step++;
            foreach ($move as $placement) {
                $numbered[] = $placement->withStep($step);
            }
        }
        usort($numbered, static fn (Placement $one, Placement $other): int => $one->step <=> $other->step);

        return $numbered;
    }

    /**
     * @param  list<Placement>  $placements
     * @param  array<string, Item>  $items  by id
     */
    public static function count(array $placements, array $items): int
    {
        return count(self::moves(self::sorted($placements), $items));
    }

    /**
     * @param  list<Placement>  $placements
     * @return list<Placement> as they go in
     */
    private static function sorted(array $placements): array
    {
        $byId = array_column($placements, null, 'id');
        $keys = [];
        foreach ($placements as $placement) {
            $part = $placement->parts[0];
            $at = ($byId[$placement->in ?? ''] ?? $placement)->parts[0];
            $keys[$placement->id] = [
                $at->z,
                -$at->l * $at->w,
                -$at->y - $at->w,
                $at->x,
                $placement->in ?? $placement->id,
                $placement->isNested() ? 0 : 1,
                $part->z,
                $placement->id,
            ];
        }
        usort($placements, static fn (Placement $one, Placement $other): int => $keys[$one->id] <=> $keys[$other->id]);

        return $placements;
    }

    /**
     * @param  list<Placement>  $placements  as they go in
     * @param  array<string, Item>  $items  by id
     * @return list<non-empty-list<Placement>>
     */
    private static function moves(array $placements, array $items): array
    {
        $moves = [];
        foreach ($placements as $placement) {
            $moves[self::sameMove($placement, $moves) ?? count($moves)][] = $placement;
        }

        return self::inPairs(array_values($moves), $items);
    }

    /**
     * Two plain things that lie side by side at one level are laid there at one go. The second goes in no later than it
     * would: what is beneath it starts lower, and so is in before both.
     *
     * @param  list<non-empty-list<Placement>>  $moves
     * @param  array<string, Item>  $items  by id
     * @return list<non-empty-list<Placement>>
     */
    private static function inPairs(array $moves, array $items): array
    {
        $filled = array_flip(array_filter(
            array_column(array_merge(...$moves), 'in'),
            static fn (?string $holder): bool => $holder !== null,
        ));
        $plain = array_filter($moves, static fn (array $move): bool => count($move) === 1
            && ! isset($filled[$move[0]->id]) && self::isPlain($move[0], $items[$move[0]->id] ?? null));
        while ($plain !== []) {
            $at = array_key_first($plain);
            $one = $plain[$at][0];
            unset($plain[$at]);
            $gaps = array_filter(
                array_map(static fn (array $move): ?int => self::gapOfPair($one, $move[0]), $plain),
                static fn (?int $gap): bool => $gap !== null,
            );
            if ($gaps !== []) {
                $nearest = array_search(min($gaps), $gaps, true);
                $moves[$at][] = $plain[$nearest][0];
                unset($moves[$nearest], $plain[$nearest]);
            }
        }

        return array_values($moves);
    }

    /**
     * The move with which a piece goes in at one go: what goes into the same hollow, or lies beside its like.
     *
     * @param  array<int, non-empty-list<Placement>>  $moves  those before it
     */
    private static function sameMove(Placement $placement, array $moves): ?int
    {
        foreach (array_reverse($moves, true) as $at => $move) {
            foreach ($move as $other) {
                $isSame = $placement->in === null
                    ? self::isLike($placement, $other) && self::touches($placement->parts[0], $other->parts[0])
                    : $placement->in === $other->in;
                if ($isSame) {
                    return $at;
                }
            }
        }

        return null;
    }

    private static function isLike(Placement $one, Placement $other): bool
    {
        [$mine, $that] = [$one->parts[0], $other->parts[0]];

        return $other->in === null
            && Item::idOf($one->id) === Item::idOf($other->id)
            && count($one->parts) === 1 && count($other->parts) === 1
            && $one->angle == 0.0 && $other->angle == 0.0
            && [$mine->z, $mine->l, $mine->w, $mine->h] === [$that->z, $that->l, $that->w, $that->h];
    }

    /** Determine if it is just put where it goes: what is folded, bent, pressed in or leans takes both hands. */
    private static function isPlain(Placement $placement, ?Item $item): bool
    {
        return $placement->in === null && count($placement->parts) === 1 && $placement->angle == 0.0
            && $item?->form->keepsItsSides() && $item->blocks === [];
    }

    /** How far apart two are that are laid with two hands; null where they are not. */
    private static function gapOfPair(Placement $one, Placement $other): ?int
    {
        // Of two of one item that lie otherwise nobody would know which is meant.
        return $one->parts[0]->z === $other->parts[0]->z && Item::idOf($one->id) !== Item::idOf($other->id)
            ? SideBySide::gap($one->parts[0], $other->parts[0])
            : null;
    }

    /** Determine if two blocks at one level lie side by side. */
    private static function touches(Part $one, Part $other): bool
    {
        $gapX = max($one->x, $other->x) - min($one->x + $one->l, $other->x + $other->l);
        $gapY = max($one->y, $other->y) - min($one->y + $one->w, $other->y + $other->w);

        return max($gapX, $gapY) <= self::BESIDE && min($gapX, $gapY) < 0;
    }
}
