<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Closing;

use PluckyWren\Core\Box\Gauges;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Fit\Verdict;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Findings;
use PluckyWren\Core\Guide\Overruled;
use PluckyWren\Core\Guide\Weight;
use PluckyWren\Core\Stash\Preparation\Task;
use PluckyWren\Core\Stash\Preparation\TasksInACircle;

/** Everything that has to be so before the lid goes on, line by line. */
final readonly class ClosingCheck
{
    /** @param list<ClosingLine> $lines in the order in which one looks */
    private function __construct(public array $lines) {}

    /**
     * @param list<ClosingTick> $ticks what the packer ticked
     * @param list<string> $onTheWay names of pieces that are ordered and not here yet
     * @param Verdict|null $lid how the lid closed when it was put on; null where nobody said
     *
     * @throws TasksInACircle
     */
    public static function of(
        Plan $plan,
        Gauges $gauges,
        array $ticks,
        array $onTheWay = [],
        ?Verdict $lid = null,
    ): self {
        $state = static fn (ClosingTick $tick): LineState => in_array($tick, $ticks, true)
            ? LineState::Fine
            : LineState::Open;
        $tick = static fn (string $id, ClosingTick $tick, int $count = 0): ClosingLine => new ClosingLine(
            $id,
            $state($tick),
            [],
            $count,
            $tick,
        );

        return new self(array_values(array_filter([
            self::findings('must-haves', $gauges->missing),
            self::findings('to-mend', $gauges->flags->ofWeight(Weight::Bar, Weight::Hazard)),
            self::findings('to-ask', $gauges->flags->ofWeight(Weight::Ask)),
            self::named('to-buy', $gauges->money->toBuy),
            $onTheWay === [] ? null : self::named('on-the-way', $onTheWay),
            self::named('prepared', self::unprepared($plan)),
            self::box('box-ready', $plan),
            self::counted($plan, $gauges, $state(ClosingTick::Counted)),
            self::named('note', $plan->holds(Task::MarkEnvelope) ? [] : ['note']),
            $plan->ways->habits->sendsPhotos
                ? self::named('photo', $plan->holds(Task::PhotoChoice) ? [] : ['photo'])
                : null,
            self::named('lid', ($lid?->closes() ?? $gauges->room->closesOverAll()) ? [] : ['lid']),
            self::named('box-limit', $plan->isWithinLimit() ? [] : [$plan->boxKind->name]),
            $tick('last-look', ClosingTick::LastLook),
            $tick('bands', ClosingTick::Bands, $lid?->bands() ?? $gauges->room->bands),
            $tick('label', ClosingTick::Label),
            $tick('gift', ClosingTick::Gift),
        ])));
    }

    /** What lies in other things; null where nothing does. */
    private static function counted(Plan $plan, Gauges $gauges, LineState $state): ?ClosingLine
    {
        $kits = array_values(
            array_map(
                static fn (PlannedPiece $piece): string => $piece->name,
                array_filter(
                    $plan->pieces,
                    static fn (PlannedPiece $piece): bool => ! $piece->thing->inside->isEmpty(),
                ),
            ),
        );
        $nested = array_filter(
            $gauges->room->result->placements ?? [],
            static fn ($placement): bool => $placement->in !== null,
        );

        return $kits === [] && $nested === []
            ? null
            : new ClosingLine('counted', $state, $kits, count($nested), ClosingTick::Counted);
    }

    /** How many lines are neither fine nor left knowingly. */
    public function open(): int
    {
        return count(
            array_filter($this->lines, static fn (ClosingLine $line): bool => $line->state === LineState::Open),
        );
    }

    private static function findings(string $id, Findings $findings): ClosingLine
    {
        $told = $findings->isEmpty()
            ? array_map(static fn (Overruled $left): Finding => $left->finding, $findings->overruled)
            : $findings->all;
        $state = $findings->isEmpty()
            ? ($findings->overruled === [] ? LineState::Fine : LineState::Left)
            : LineState::Open;

        return new ClosingLine($id, $state, count: count($told), findings: $told);
    }

    /** @param list<string> $wrong names of what is not so; none where all is fine */
    private static function named(string $id, array $wrong): ClosingLine
    {
        return new ClosingLine($id, $wrong === [] ? LineState::Fine : LineState::Open, $wrong, count($wrong));
    }

    /** The box itself is sound; wrapping and decorating are a matter of taste. */
    private static function box(string $id, Plan $plan): ClosingLine
    {
        return new ClosingLine(
            $id,
            in_array(Task::BoxSound, $plan->settled->boxDone, true) ? LineState::Fine : LineState::Open,
        );
    }

    /**
     * @return list<string> names of pieces with something still to do
     *
     * @throws TasksInACircle
     */
    private static function unprepared(Plan $plan): array
    {
        $open = array_filter(
            $plan->pieces,
            static fn (PlannedPiece $piece): bool => $piece->preparation($plan->ways->habits, $plan->recipient->band)
                ->open() !== [],
        );

        return array_values(array_map(static fn (PlannedPiece $piece): string => $piece->name, $open));
    }
}
