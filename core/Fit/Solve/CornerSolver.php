<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use LogicException;
use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\ClosureOf;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\LeftOut;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Reason;
use PluckyWren\Core\Fit\Result;
use PluckyWren\Core\Fit\Solver;

/**
 * Makes attempt after attempt as long as the budget allows, and keeps the best: some go through the pieces and look
 * for a place for each, others through the empty spaces and look for what suits each best; bottles and pouches are
 * filled first, with what must ride in them before all. However many pieces there are, an attempt that takes too long
 * ends early, and what it had not placed by then stays out.
 */
final class CornerSolver implements Solver
{
    /** At how many levels a slanting box is tried for a piece that does not go in at its floor. */
    private const FLOORS = 16;

    public function solve(Problem $problem, Budget $budget, int $seed = 1): Result
    {
        $asked = $problem;
        $bundles = new Bundles($problem);
        $riders = new Riders($bundles->problem(), $seed, $budget);
        $problem = $riders->problem();
        $items = $problem->singles();
        $pinned = array_column($problem->pinned, 'id');
        $free = array_values(
            array_filter($items, static fn (Item $item): bool => ! in_array($item->id, $pinned, true)),
        );
        [$possible, $larger] = $this->parted($problem, $free, $items, $budget);

        $search = new Search($problem, $items, $riders->asAsked($items), $possible, $seed, $budget);
        do {
            $search->attempt();
            $best = $search->best ?? throw new LogicException('The first attempt is always the best so far.');
        } while (! $best->merit->isPerfect() && $budget->allows($search->done));
        $best = $search->finished($best);

        $reason = $this->reasons($problem, $items, $budget);

        $placements = $bundles->spread(Steps::number($riders->with($best->placements), $problem->pinned, $items));

        return new Result(
            $placements,
            $bundles->leftOut([
                ...$larger,
                ...array_map(static fn (Item $item): LeftOut => new LeftOut($item->id, $reason($item)), $best->leftOut),
                ...$riders->leftOut($best->placements),
            ]),
            // What lies in a bundle gives a little otherwise than the bundle as a whole.
            $bundles->areThere()
                ? ClosureOf::packing($asked->box, $placements, $asked->singles())
                : $best->merit->closure,
            Result::fillOf($problem->box, [...$problem->pinned, ...$best->placements]),
            $seed,
            $search->done,
        );
    }

    /**
     * Those that go into the empty box alone, and those that do not.
     *
     * @param  list<Item>  $free
     * @param  array<string, Item>  $items
     * @return array{list<Item>, list<LeftOut>}
     */
    private function parted(Problem $problem, array $free, array $items, Budget $budget): array
    {
        $empty = new OneByOne(new Problem($problem->box, [], $problem->order), $items);
        $possible = $larger = $goesIn = [];
        foreach ($free as $item) {
            $goesIn[$item->twins()] ??= $budget->isSpent()
                || $empty->place($item) !== null
                || $this->goesInHigherUp($problem, $item, $items);
            if (! $goesIn[$item->twins()]) {
                $larger[] = new LeftOut($item->id, Reason::LargerThanBox);
            } else {
                $possible[] = $item;
            }
        }

        return [$possible, $larger];
    }

    /**
     * Determine if the box is broad enough for an item further up: a box with its floor raised is a box again.
     *
     * @param  array<string, Item>  $items
     */
    private function goesInHigherUp(Problem $problem, Item $item, array $items): bool
    {
        $step = max(1, intdiv($problem->box->height, self::FLOORS));
        for ($z = $step; ! $problem->box->isStraight() && $z < $problem->box->height; $z += $step) {
            $raised = new OneByOne(new Problem($problem->box->raisedTo($z), [], $problem->order), $items);
            if ($raised->place($item) !== null) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  array<string, Item>  $items
     * @return callable(Item): Reason
     */
    private function reasons(Problem $problem, array $items, Budget $budget): callable
    {
        $pinnedOnly = new OneByOne($problem, $items);

        $blocked = [];

        return static function (Item $item) use ($problem, $pinnedOnly, $budget, &$blocked): Reason {
            $blocked[$item->twins()] ??= $problem->pinned !== []
                && ! $budget->isSpent()
                && $pinnedOnly->place($item) === null;

            return $blocked[$item->twins()] ? Reason::BlockedByPinned : Reason::NoRoom;
        };
    }
}
