<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send\Trip;

/**
 * Puts layers into as few cartons as their heights allow: found by looking at every way where there are few enough,
 * else the highest first, each into the first carton that has room.
 */
final class LayerStacks
{
    /** So many different remainders can be looked at before anyone waits. */
    private const MOST_STATES = 20_000;

    /** @var array<string, list<list<int>>> the fewest stacks of heights, by the counts that are left */
    private array $known = [];

    /**
     * @param  int  $height  of the carton, in tenths of a millimetre
     * @param  non-empty-list<int>  $heights  the different ones of the layers, each no more than the carton's
     */
    private function __construct(private readonly int $height, private readonly array $heights) {}

    /**
     * @param  list<CartonLayer>  $layers  none higher than the carton
     * @return list<non-empty-list<CartonLayer>> a stack a carton, the highest layer at the bottom
     */
    public static function of(int $height, array $layers): array
    {
        $byHeight = [];
        foreach ($layers as $layer) {
            $byHeight[$layer->height()][] = $layer;
        }
        krsort($byHeight);
        if ($byHeight === []) {
            return [];
        }
        $counts = array_values(array_map(count(...), $byHeight));
        $states = array_product(array_map(static fn (int $count): int => $count + 1, $counts));
        $stacks = $states <= self::MOST_STATES
            ? (new self($height, array_keys($byHeight)))->fewest($counts)
            : self::firstThatHasRoom($height, array_combine(array_keys($byHeight), $counts));

        return array_values(array_filter(array_map(static function (array $heights) use (&$byHeight): array {
            $stack = [];
            foreach ($heights as $each) {
                $layer = array_shift($byHeight[$each]);
                if ($layer !== null) {
                    $stack[] = $layer;
                }
            }

            return $stack;
        }, $stacks)));
    }

    /**
     * @param  list<int>  $counts  of layers of each height
     * @return list<list<int>> heights, stack by stack
     */
    private function fewest(array $counts): array
    {
        if (array_sum($counts) === 0) {
            return [];
        }
        $key = implode(',', $counts);
        if (! isset($this->known[$key])) {
            $best = null;
            foreach ($this->fullStacks($counts, 0, $this->height) as $stack) {
                $rest = $counts;
                foreach ($stack as $index) {
                    $rest[$index]--;
                }
                $others = $this->fewest(array_values($rest));
                if ($best === null || count($others) + 1 < count($best)) {
                    $best = [array_map(fn (int $index): int => $this->heights[$index], $stack), ...$others];
                }
            }
            $this->known[$key] = $best ?? [];
        }

        return $this->known[$key];
    }

    /**
     * Find all stacks into which nothing more would go. The highest layer that is left is in each: in some carton it
     * has to be, and it may as well be this one.
     *
     * @param  list<int>  $counts
     * @return list<list<int>> indices of heights
     */
    private function fullStacks(array $counts, int $from, int $room): array
    {
        $isFirst = $room === $this->height;
        $stacks = [];
        for ($index = $from; $index < count($counts); $index++) {
            if ($counts[$index] === 0 || $this->heights[$index] > $room) {
                continue;
            }
            $rest = $counts;
            $rest[$index]--;
            foreach ($this->fullStacks(array_values($rest), $index, $room - $this->heights[$index]) as $stack) {
                $stacks[] = [$index, ...$stack];
            }
            if ($isFirst) {
                break;
            }
        }

        return $stacks === [] ? [[]] : $stacks;
    }

    /**
     * @param  array<int, int>  $counts  by height, the highest first
     * @return list<list<int>>
     */
    private static function firstThatHasRoom(int $height, array $counts): array
    {
        $stacks = $room = [];
        foreach ($counts as $each => $count) {
            for (; $count > 0; $count--) {
                $at = 0;
                while (isset($room[$at]) && $room[$at] < $each) {
                    $at++;
                }
                $stacks[$at][] = $each;
                $room[$at] = ($room[$at] ?? $height) - $each;
            }
        }

        return array_values($stacks);
    }
}
