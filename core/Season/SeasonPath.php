<?php

declare(strict_types=1);

namespace PluckyWren\Core\Season;

use DateTimeImmutable;
use PluckyWren\Core\Guide\HandIn;

/**
 * The year from one hand-in to the next, in its five parts. How long before the window each begins is our own estimate
 * of when a crew has to: handmade things take months, and the last weeks belong to the table.
 */
final readonly class SeasonPath
{
    /** Days before the window opens. */
    private const BEGINS = ['make' => 130, 'plan' => 80, 'pack' => 42, 'send' => 0];

    /** @param array<string, DateTimeImmutable> $begins the first day of each part, by its id, in their order */
    private function __construct(
        public Season $season,
        public array $begins,
        public DateTimeImmutable $today,
    ) {}

    public static function of(HandIn $handIn, DateTimeImmutable $today): self
    {
        $season = Season::of($handIn, $today);
        $opens = $handIn->opens($today);
        $begins = [Phase::Gather->value => $season->from];
        foreach (self::BEGINS as $phase => $days) {
            $begins[$phase] = max($season->from, $opens->modify("-{$days} days"));
        }

        return new self($season, $begins, $today->setTime(0, 0));
    }

    public function current(): Phase
    {
        $now = Phase::Gather;
        foreach ($this->begins as $phase => $day) {
            $now = $day <= $this->today ? Phase::from($phase) : $now;
        }

        return $now;
    }

    /** @return list<Stretch> in their order */
    public function stretches(): array
    {
        $stretches = [];
        foreach (Phase::cases() as $phase) {
            $from = $this->begins[$phase->value];
            $to = $this->ends($phase);
            $place = $this->place($from);
            $stretches[] = new Stretch($phase, $from, $to, $place, $this->place($to->modify('+1 day')) - $place);
        }

        return $stretches;
    }

    /** The last day of a part. */
    public function ends(Phase $phase): DateTimeImmutable
    {
        $all = Phase::cases();
        $next = $all[(int) array_search($phase, $all, true) + 1] ?? null;

        return $next === null ? $this->season->to : $this->begins[$next->value]->modify('-1 day');
    }

    /** Where a day lies on the way through the season, in thousandths of it. */
    public function place(DateTimeImmutable $day): int
    {
        $all = max(1, (int) $this->season->from->diff($this->season->to)->days);

        return max(0, min(1000, intdiv(1000 * (int) $this->season->from->diff($day)->format('%r%a'), $all)));
    }
}
