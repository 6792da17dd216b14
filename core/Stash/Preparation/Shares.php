<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Preparation;

/**
 * Shares an evening's work among people: each kind of work to whoever has least so far, the longest first; then single
 * jobs go from whoever has most to whoever has least, as long as that evens it out. In the end nobody has more than one
 * job's time above anybody else.
 */
final class Shares
{
    /** @var array<int, int> seconds of each person */
    private array $loads;

    /** @var array<string, int> the person, by job */
    private array $persons = [];

    /**
     * @param  array<string, array<string, int>>  $jobs  seconds by job, by kind of work; a job has an id of its own
     * @param  int  $people  at least one
     */
    public function __construct(array $jobs, int $people)
    {
        $this->loads = array_fill(0, max(1, $people), 0);
        $sums = array_map(array_sum(...), $jobs);
        arsort($sums);
        foreach (array_keys($sums) as $kind) {
            $least = $this->least();
            foreach ($jobs[$kind] as $job => $seconds) {
                $this->persons[$job] = $least;
                $this->loads[$least] += $seconds;
            }
        }
        $this->even(array_merge(...array_values($jobs)));
    }

    /** Whose a job is, counted from 0. */
    public function of(string $job): int
    {
        return $this->persons[$job];
    }

    /** @return list<int> seconds of each person */
    public function loads(): array
    {
        return array_values($this->loads);
    }

    /** @param array<string, int> $seconds by job */
    private function even(array $seconds): void
    {
        arsort($seconds);
        do {
            [$most, $least] = [(int) array_search(max([0, ...$this->loads]), $this->loads, true), $this->least()];
            $gap = $this->loads[$most] - $this->loads[$least];
            $moved = false;
            foreach ($seconds as $job => $long) {
                if ($this->persons[$job] === $most && $long > 0 && $long < $gap) {
                    $this->persons[$job] = $least;
                    $this->loads[$most] -= $long;
                    $this->loads[$least] += $long;
                    $moved = true;
                    break;
                }
            }
        } while ($moved);
    }

    private function least(): int
    {
        $least = 0;
        foreach ($this->loads as $person => $load) {
            $least = $load < $this->loads[$least] ? $person : $least;
        }

        return $least;
    }
}
