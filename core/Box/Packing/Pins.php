<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Packing;

use PluckyWren\Core\Fit\Check\Validator;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Result;
use PluckyWren\Core\Fit\Solve\Pinning;

/** The placements that a packing has to be made around: what was pinned, and what is to lie along a wall or lowest. */
final class Pins
{
    /**
     * @param  array<string, PackingWish>  $wishes  by the ids of the items
     * @return list<Placement> by their steps
     */
    public static function of(Problem $problem, array $wishes): array
    {
        $pinned = [];
        foreach ($wishes as $wish) {
            array_push($pinned, ...$wish->pinned);
        }
        usort($pinned, static fn (Placement $one, Placement $other): int => $one->step <=> $other->step);
        $pinned = self::hold($problem, $pinned) ? self::renumbered($pinned) : [];
        $pinning = new Pinning($problem, $pinned);
        foreach ($problem->items as $item) {
            $lies = ($wishes[$item->id] ?? null)?->lies;
            if ($lies !== null && $lies !== Lies::Top && $item->into === null) {
                $pinning->pin($item, $lies === Lies::Bottom ? null : $lies->value);
            }
        }

        return $pinning->pinned;
    }

    /**
     * Determine if what was pinned still stands: a piece may be gone, measured anew or emptied since, or the box
     * another one.
     *
     * @param  list<Placement>  $pinned
     */
    private static function hold(Problem $problem, array $pinned): bool
    {
        $singles = $problem->singles();
        $items = [];
        foreach ($pinned as $placement) {
            if (! isset($singles[$placement->id]) || isset($items[$placement->id])) {
                return false;
            }
            $items[$placement->id] = $singles[$placement->id]->together(false);
        }
        $holders = [];
        foreach ($pinned as $placement) {
            array_push($holders, ...($placement->in === null ? [] : [$placement->in]));
        }

        return array_diff($holders, array_keys($items)) === []
            && Validator::ofAllRules()->breaches(
                new Problem($problem->box, array_values($items), $problem->order),
                new Result($pinned, []),
            ) === [];
    }

    /**
     * @param  list<Placement>  $pinned
     * @return list<Placement> with steps from 1 on without a gap, those that were one move still one
     */
    private static function renumbered(array $pinned): array
    {
        $steps = [];
        foreach ($pinned as $placement) {
            $steps[$placement->step] ??= count($steps) + 1;
        }

        return array_map(
            static fn (Placement $placement): Placement => $placement->withStep($steps[$placement->step]),
            $pinned,
        );
    }
}
