<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Check;

use PluckyWren\Core\Fit\Cavity;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Placement;

/** What is nested passes the mouth, lies inside the cavity without overlap, and is nested once. */
final class NestedFit implements Rule
{
    public function breaches(Packing $packing): array
    {
        $placed = [];
        foreach ($packing->result->placements as $placement) {
            $placed[$placement->id] = $placement;
        }
        $breaches = [];
        foreach ($packing->contents as $holderId => $contents) {
            $holder = $placed[$holderId] ?? null;
            $item = $packing->items[$holderId] ?? null;
            $cavity = $item?->hasPages() === true ? Cavity::pouch(0) : $item?->cavity;
            if ($holder === null || $holder->in !== null || $cavity === null) {
                $breaches[] = "{$holderId} holds something but cannot.";

                continue;
            }
            array_push($breaches, ...$this->within($cavity, $holder, $contents, $packing->items));
        }

        return $breaches;
    }

    /**
     * @param  list<Placement>  $contents
     * @param  array<string, Item>  $items
     * @return list<string>
     */
    private function within(Cavity $cavity, Placement $holder, array $contents, array $items): array
    {
        $solids = array_map(
            static fn (Placement $placement): Solid => new Solid($placement, $placement->parts[0], 0),
            $contents,
        );
        $breaches = $cavity->soft ? $this->pouch($cavity, $holder, $solids) : [];
        foreach ($solids as $i => $solid) {
            if (! $cavity->soft && ! $this->liesIn($cavity, $solid)) {
                $breaches[] = "{$solid->id()} does not lie inside {$holder->id}.";
            }
            if (isset($items[$solid->id()]) && ! $this->passes($cavity->mouth, $items[$solid->id()])) {
                $breaches[] = "{$solid->id()} does not pass the mouth of {$holder->id}.";
            }
            foreach (array_slice($solids, $i + 1) as $other) {
                $deep = min($solid->part->top(), $other->part->top()) - max($solid->part->z, $other->part->z);
                if (min($deep, $solid->planOverlap($other)) > Tolerance::LENGTH) {
                    $breaches[] = "{$solid->id()} and {$other->id()} overlap inside {$holder->id}.";
                }
            }
        }

        return $breaches;
    }

    private function liesIn(Cavity $cavity, Solid $solid): bool
    {
        foreach ($solid->corners as [$x, $y]) {
            $inPlan = $cavity->round
                ? hypot($x - $cavity->length / 2, $y - $cavity->length / 2) <= $cavity->length / 2 + Tolerance::LENGTH
                : min($x, $y, $cavity->length - $x, $cavity->width - $y) >= -Tolerance::LENGTH;
            if (! $inPlan) {
                return false;
            }
        }

        return $solid->part->z >= -Tolerance::LENGTH && $solid->part->top() <= $cavity->height + Tolerance::LENGTH;
    }

    /** @param list<int> $mouth */
    private function passes(array $mouth, Item $item): bool
    {
        if ($mouth === [] || ! $item->form->keepsItsSides()) {
            return true;
        }
        [, $middle, $shortest] = $item->size->sides();

        return count($mouth) === 1
            ? hypot($middle, $shortest) <= $mouth[0] + Tolerance::LENGTH
            : $middle <= max($mouth) + Tolerance::LENGTH && $shortest <= min($mouth) + Tolerance::LENGTH;
    }

    /**
     * @param  list<Solid>  $solids
     * @return list<string>
     */
    private function pouch(Cavity $cavity, Placement $holder, array $solids): array
    {
        $xs = $ys = $zs = [];
        foreach ($solids as $solid) {
            array_push($xs, ...array_column($solid->corners, 0));
            array_push($ys, ...array_column($solid->corners, 1));
            array_push($zs, $solid->part->z, $solid->part->top());
        }
        $needed = array_map(
            static fn (array $along): float => $along === [] ? 0.0 : (float) (max($along) - min($along)),
            [$xs, $ys, $zs],
        );
        $held = [$holder->parts[0]->l, $holder->parts[0]->w, $holder->parts[0]->h];
        rsort($needed);
        rsort($held);
        foreach ($needed as $i => $side) {
            if ($held[$i] < $side + 2 * $cavity->wall - Tolerance::LENGTH) {
                return ["{$holder->id} is smaller than what it holds."];
            }
        }

        return [];
    }
}
