<?php

declare(strict_types=1);

namespace PluckyWren\Core\Choose;

/** Looks at every number of boxes of every sort, as long as these are few enough, for one that makes more in all. */
final class EveryWay
{
    /** Boxes tried in before it gives up. */
    private const MOST_TRIES = 6_000;

    private int $tries = 0;

    /** @var list<int>|null */
    private ?array $best = null;

    private int $most = 0;

    /** @var list<int> how many boxes of each sort there could be if there were no other */
    private array $alone;

    /**
     * @param  list<BoxSort>  $sorts
     * @param  list<Supply>  $supplies
     */
    public function __construct(private readonly array $sorts, private readonly array $supplies)
    {
        $this->alone = array_map(function (int $sort): int {
            $sharing = new Sharing($this->sorts, $this->supplies);
            $count = 0;
            while (
                $this->sorts[$sort]->demands !== [] && $this->tries < self::MOST_TRIES && $this->try($sharing, $sort)
            ) {
                $count++;
            }

            return $count;
        }, array_keys($sorts));
    }

    /** @return list<int>|null how many of each sort; null where no way makes more, as far as was looked */
    public function moreThan(int $boxes): ?array
    {
        $this->most = $boxes;
        $this->look(new Sharing($this->sorts, $this->supplies), []);

        return $this->best;
    }

    /** @param list<int> $counts of the sorts that are settled */
    private function look(Sharing $sharing, array $counts): void
    {
        $sort = count($counts);
        $most = array_sum($counts) + array_sum(array_slice($this->alone, $sort));
        if ($most <= $this->most || $this->tries >= self::MOST_TRIES) {
            return;
        }
        if ($sort === count($this->sorts)) {
            [$this->most, $this->best] = [array_sum($counts), $counts];

            return;
        }
        // As many as go in first: what makes most in all is found early, and cuts the rest short.
        $steps = [clone $sharing];
        while ($this->sorts[$sort]->demands !== []) {
            $next = clone $steps[count($steps) - 1];
            if (! $this->try($next, $sort)) {
                break;
            }
            $steps[] = $next;
        }
        for ($count = count($steps) - 1; $count >= 0; $count--) {
            $this->look($steps[$count], [...$counts, $count]);
        }
    }

    private function try(Sharing $sharing, int $sort): bool
    {
        $this->tries++;

        return $sharing->add($sort);
    }
}
