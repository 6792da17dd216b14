<?php

declare(strict_types=1);

namespace Bench\Fit;

use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Check\Validator;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Kept;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Solve\CornerSolver;
use PluckyWren\Core\Fit\Solve\FloorPlan;
use RuntimeException;

/** How boxes as people compose them are packed: how many close, and how well they could be followed. */
final class TableTally
{
    public int $boxes = 0;

    public int $closed = 0;

    public int $pieces = 0;

    public int $moves = 0;

    public int $withLead = 0;

    public int $leadSeen = 0;

    public int $privateSeen = 0;

    /** The sum of the shares of the flat area, up to the floor's, that lies on the floor. */
    public float $onFloor = 0.0;

    /** The sum of the shares that could lie there side by side, were there nothing else. */
    public float $couldLie = 0.0;

    /** @var array<string, array{int, int}> how many closed of how many, by what they take of the room, in twentieths */
    public array $closedAmong = [];

    public function __construct(private readonly float $ms) {}

    /** @param float $share what of the room everything takes, pressed as far as it goes */
    public function add(Problem $problem, float $share): void
    {
        $budget = Budget::ofAttempts(100_000)->cutAt($this->ms, new ProcessorClock);
        $result = (new CornerSolver)->solve($problem, $budget);
        $broken = Validator::ofAllRules()->breaches($problem, $result);
        if ($broken !== []) {
            throw new RuntimeException(implode('; ', $broken));
        }
        $items = $problem->singles();
        $kept = Kept::in($problem->box, $problem->order, $result->placements, $items);
        $placed = array_column($result->placements, null, 'id');
        $leads = array_filter($items, static fn (Item $item): bool => $item->firstSight && isset($placed[$item->id]));
        $this->boxes++;
        $this->closed += $result->packsAll() ? 1 : 0;
        $this->countAmong(5 * (int) ($share * 20), $problem->box->isStraight(), $result->packsAll());
        $this->pieces += count($result->placements);
        $this->moves += count(array_unique(
            array_map(static fn (Placement $placement): int => $placement->step, $result->placements),
        ));
        $this->withLead += $leads === [] ? 0 : 1;
        $this->leadSeen += $leads !== [] && $kept->coveredFirstSights === [] ? 1 : 0;
        $this->privateSeen += $kept->seenPrivates === [] ? 0 : 1;
        $this->onFloor += $kept->order;
        $this->couldLie += self::mostOnFloor($problem, $items);
    }

    private function countAmong(int $percent, bool $isStraight, bool $isClosed): void
    {
        $among = ($isStraight ? 'straight' : 'tapered').", {$percent} to ".($percent + 5).' % full';
        [$closed, $boxes] = $this->closedAmong[$among] ?? [0, 0];
        $this->closedAmong[$among] = [$closed + (int) $isClosed, $boxes + 1];
    }

    /** @param array<string, Item> $items */
    private static function mostOnFloor(Problem $problem, array $items): float
    {
        $flat = 0;
        foreach ($items as $item) {
            [$long, $broad] = $item->size->sides();
            $flat += $item->isFlat() ? $long * $broad : 0;
        }
        $covered = (new FloorPlan($problem->box, array_values($items), []))->covered();
        $most = min($flat, $problem->box->floorLength * $problem->box->floorWidth);

        return $most === 0 ? 1.0 : min(1.0, $covered / $most);
    }
}
