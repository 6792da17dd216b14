<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide;

/** A bipartite matching of pieces and needs, grown along augmenting paths. */
final class Matching
{
    /** @var array<int, array<int, int>> by need, how many of each piece it has been given */
    private array $given = [];

    /** @var array<int, list<int>> by need, which pieces fill it */
    private readonly array $able;

    /** @var array<int, int> how many of each piece are still free */
    private array $free;

    /**
     * @param  int  $needs  how many there are; they go by their numbers
     * @param  list<Held>  $held
     * @param  callable(Held): list<int>  $fills  the numbers of the needs that a piece may fill
     */
    public function __construct(int $needs, array $held, callable $fills)
    {
        $this->free = array_map(static fn (Held $held): int => $held->quantity, $held);
        $able = $needs === 0 ? [] : array_fill(0, $needs, []);
        foreach ($held as $piece => $one) {
            foreach ($fills($one) as $need) {
                $able[$need][] = $piece;
            }
        }
        $this->able = $able;
    }

    /**
     * @param  list<Need>  $needs
     * @return list<int> the numbers of those that a piece may fill
     */
    public static function fillable(array $needs, Held $held): array
    {
        return array_keys(array_filter($needs, static fn (Need $need): bool => $need->takes($held)));
    }

    public function matched(int $need): int
    {
        return array_sum($this->given[$need] ?? []);
    }

    /** Give a need all of $count pieces, or none. */
    public function fillWhole(int $need, int $count): void
    {
        [$given, $free] = [$this->given, $this->free];
        $this->fill($need, $count);
        if ($this->matched($need) < $count) {
            [$this->given, $this->free] = [$given, $free];
        }
    }

    /** Give a need up to $count pieces; earlier needs may be moved to another alternative, and never lose one. */
    public function fill(int $need, int $count): void
    {
        while ($this->matched($need) < $count && $this->grow($need, [])) {
            continue;
        }
    }

    /** @param array<int, true> $visited pieces on the path already */
    private function grow(int $need, array $visited): bool
    {
        foreach ($this->able[$need] as $piece) {
            if (isset($visited[$piece])) {
                continue;
            }
            $visited[$piece] = true;
            if ($this->free[$piece] > 0) {
                $this->free[$piece]--;
                $this->give($need, $piece, 1);

                return true;
            }
            foreach (array_keys($this->given) as $holder) {
                if ($holder !== $need && ($this->given[$holder][$piece] ?? 0) > 0 && $this->grow($holder, $visited)) {
                    $this->give($holder, $piece, -1);
                    $this->give($need, $piece, 1);

                    return true;
                }
            }
        }

        return false;
    }

    private function give(int $need, int $piece, int $change): void
    {
        $this->given[$need][$piece] = ($this->given[$need][$piece] ?? 0) + $change;
    }
}
