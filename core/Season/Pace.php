<?php

declare(strict_types=1);

namespace PluckyWren\Core\Season;

use DateTimeImmutable;

/** How many boxes there will be by the last day if it goes on as it went lately, and what it takes to reach a goal. */
final readonly class Pace
{
    /** What was done in the last four weeks tells how it goes on. */
    private const LOOKED_AT_DAYS = 28;

    /** In the first days one busy evening is not yet a pace. */
    private const LEAST_DAYS = 7;

    /**
     * @param  int  $done  boxes that are packed or handed in
     * @param  int  $daysLeft  with today and the last day
     */
    private function __construct(
        public int $done,
        public ?int $goal,
        public int $daysLeft,
        private int $lately,
        private int $days,
    ) {}

    /**
     * @param  list<DateTimeImmutable>  $packed  the day on which each box got its lid
     * @param  int|null  $goal  boxes; null where the crew has set none
     * @param  DateTimeImmutable  $last  on which boxes can be handed in
     */
    public static function of(array $packed, ?int $goal, DateTimeImmutable $today, DateTimeImmutable $last): self
    {
        $from = $today->setTime(0, 0)->modify('-'.(self::LOOKED_AT_DAYS - 1).' days');
        $lately = array_filter($packed, static fn (DateTimeImmutable $day): bool => $day >= $from);
        $first = $packed === [] ? $today : min($packed);
        $since = 1 + max(0, (int) $first->setTime(0, 0)->diff($today->setTime(0, 0))->format('%r%a'));

        return new self(
            count($packed),
            $goal,
            max(0, 1 + (int) $today->setTime(0, 0)->diff($last->setTime(0, 0))->format('%r%a')),
            count($lately),
            max(self::LEAST_DAYS, min(self::LOOKED_AT_DAYS, $since)),
        );
    }

    /** How many there will be at this pace, whole boxes. */
    public function foretold(): int
    {
        return $this->done + intdiv($this->lately * $this->daysLeft, $this->days);
    }

    /**
     * How many a week it takes to reach the goal, a part of one counted as one; 0 where it is reached, null without.
     */
    public function weekly(): ?int
    {
        if ($this->goal === null) {
            return null;
        }
        $lack = max(0, $this->goal - $this->done);

        return $this->daysLeft === 0 ? $lack : intdiv(7 * $lack + $this->daysLeft - 1, $this->daysLeft);
    }

    /** The longest of what is drawn beside each other, at least 1. */
    public function most(): int
    {
        return max(1, $this->goal ?? 0, $this->done, $this->foretold());
    }

    public function isReached(): bool
    {
        return $this->goal !== null && $this->done >= $this->goal;
    }

    public function isEnough(): bool
    {
        return $this->goal !== null && $this->foretold() >= $this->goal;
    }
}
