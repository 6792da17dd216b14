<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\BoxShape;

/**
 * The largest empty spaces under the rim, in plain numbers, as this is where the time goes: a space and a block are
 * [x1, y1, z1, x2, y2, z2] in tenths of a millimetre.
 */
final class EmptySpaces
{
    /** @var array<int, array{int, int, int, int, int, int}> by a number that each keeps */
    private array $spaces;

    /**
     * @var array<int, float> how far the corner of each lies from a bottom corner of the box, under the same numbers
     */
    private array $distances;

    /** @var array<int, array{int, int, int, int, int, int}> those that hold nothing but what folds or pours */
    private array $parked = [];

    private int $number = 0;

    /** @var array<int, array{int, int, int, int, int, int}> those between slanting walls that were asked for */
    private array $drawnIn = [];

    /** @var array<int, array{int, int, int, int}> the rectangle between the walls, by level: it is asked for often */
    private array $freeAt = [];

    /**
     * @param  int  $ceiling  how high anything may reach
     * @param  float  $level  how much further a millimetre up is than one along the floor
     * @param  bool  $parks  whether a space that is dropped may still be wanted for what folds or pours
     */
    public function __construct(
        private readonly BoxShape $box,
        int $ceiling,
        private readonly float $level = 1.0,
        private readonly bool $parks = false,
    ) {
        [$x, $y] = $box->insetAt(0);
        $outX = (int) ceil(max(0, -$x));
        $outY = (int) ceil(max(0, -$y));
        $this->spaces = [[-$outX, -$outY, 0, $box->topLength + $outX, $box->topWidth + $outY, $ceiling]];
        $this->distances = [0.0];
    }

    /** @return list<array{int, int, int, int, int, int}> with those that were dropped */
    public function all(): array
    {
        return [...array_values($this->spaces), ...array_values($this->parked)];
    }

    /** @return list<array{int, int, int, int, int, int}> the same, each between the walls at its own level */
    public function allDrawnIn(): array
    {
        if ($this->box->isStraight()) {
            return $this->all();
        }
        $all = [];
        foreach ([$this->spaces, $this->parked] as $spaces) {
            foreach ($spaces as $number => $space) {
                $all[] = $this->drawnIn[$number] ??= $this->drawnIn($space);
            }
        }

        return $all;
    }

    /**
     * A space between the walls at its own level, where they slant outwards.
     *
     * @param  array{int, int, int, int, int, int}  $space
     * @return array{int, int, int, int, int, int}
     */
    public function drawnIn(array $space): array
    {
        if ($this->box->isStraight()) {
            return $space;
        }
        [$x1, $y1, $x2, $y2] = $this->freeAt[$space[2]] ??= $this->box->freeBetween($space[2], 0);

        return [
            max($space[0], $x1), max($space[1], $y1), $space[2], min($space[3], $x2), min($space[4], $y2), $space[5],
        ];
    }

    /**
     * Get the space whose own corner lies nearest a bottom corner of the box.
     *
     * @return array{int, array{int, int, int, int, int, int}}|null its number and itself; null where none is left
     */
    public function nearestCorner(): ?array
    {
        if ($this->distances === []) {
            return null;
        }
        $number = (int) array_search(min($this->distances), $this->distances, true);

        return [$number, $this->spaces[$number]];
    }

    /** What goes into a space in no way now goes in later neither. */
    public function drop(int $number): void
    {
        if ($this->parks) {
            $this->parked[$number] = $this->spaces[$number];
        }
        unset($this->spaces[$number], $this->distances[$number]);
    }

    /**
     * Fill a block; of the spaces that are left, those that hold none of the pieces that are left are dropped.
     *
     * @param  array{int, int, int, int, int, int}  $block
     * @param  array{int, int, int, float}  $smallest  the least longest, middle and shortest side of those pieces, and
     *     the least volume
     */
    public function fill(array $block, array $smallest): void
    {
        foreach (self::cut($this->spaces, $block, $smallest) as $space) {
            $this->spaces[++$this->number] = $space;
            $this->distances[$this->number] = $this->level * $space[2] + min(
                $space[0],
                $this->box->topLength - $space[3],
            ) + min(
                $space[1],
                $this->box->topWidth - $space[4],
            );
        }
        $this->distances = array_intersect_key($this->distances, $this->spaces);
        if ($this->parked !== []) {
            foreach (self::cut($this->parked, $block, $smallest) as $space) {
                $this->parked[++$this->number] = $space;
            }
        }
    }

    /**
     * Take the spaces that a block reaches into out of a list. What is left of each ends at a side of the block, and
     * can lie only within another space that ends there too: nothing else is compared.
     *
     * @param  array<int, array{int, int, int, int, int, int}>  $spaces
     * @param  array{int, int, int, int, int, int}  $block
     * @param  array{int, int, int, float}  $smallest
     * @return list<array{int, int, int, int, int, int}> the largest that are left of them, but for those within others
     */
    private static function cut(array &$spaces, array $block, array $smallest): array
    {
        [$a1, $b1, $c1, $a2, $b2, $c2] = $block;
        $new = $sides = [];
        // By the side of the block: left, right, front, back, below, above.
        $beside = [[], [], [], [], [], []];
        foreach ($spaces as $number => $space) {
            [$x1, $y1, $z1, $x2, $y2, $z2] = $space;
            if ($x1 >= $a2 || $a1 >= $x2 || $y1 >= $b2 || $b1 >= $y2 || $z1 >= $c2 || $c1 >= $z2) {
                if ($x2 === $a1) {
                    $beside[0][] = $space;
                } elseif ($x1 === $a2) {
                    $beside[1][] = $space;
                } elseif ($y2 === $b1) {
                    $beside[2][] = $space;
                } elseif ($y1 === $b2) {
                    $beside[3][] = $space;
                } elseif ($z2 === $c1) {
                    $beside[4][] = $space;
                } elseif ($z1 === $c2) {
                    $beside[5][] = $space;
                }

                continue;
            }
            unset($spaces[$number]);
            if ($a1 > $x1) {
                $new[] = [$x1, $y1, $z1, $a1, $y2, $z2];
                $sides[] = 0;
            }
            if ($a2 < $x2) {
                $new[] = [$a2, $y1, $z1, $x2, $y2, $z2];
                $sides[] = 1;
            }
            if ($b1 > $y1) {
                $new[] = [$x1, $y1, $z1, $x2, $b1, $z2];
                $sides[] = 2;
            }
            if ($b2 < $y2) {
                $new[] = [$x1, $b2, $z1, $x2, $y2, $z2];
                $sides[] = 3;
            }
            if ($c1 > $z1) {
                $new[] = [$x1, $y1, $z1, $x2, $y2, $c1];
                $sides[] = 4;
            }
            if ($c2 < $z2) {
                $new[] = [$x1, $y1, $c2, $x2, $y2, $z2];
                $sides[] = 5;
            }
        }

        return self::largest($new, $sides, $beside, $smallest);
    }

    /**
     * @param  list<array{int, int, int, int, int, int}>  $new
     * @param  list<int>  $sides  at which side of the block each of them ends
     * @param  list<list<array{int, int, int, int, int, int}>>  $beside  what there was before, by the side at which it
     *     ends
     * @param  array{int, int, int, float}  $smallest
     * @return list<array{int, int, int, int, int, int}> those of $new that hold something and lie within no other
     */
    private static function largest(array $new, array $sides, array $beside, array $smallest): array
    {
        [$leastLong, $leastMiddle, $leastShort, $leastVolume] = $smallest;
        $bySide = [[], [], [], [], [], []];
        foreach ($new as $i => [$x1, $y1, $z1, $x2, $y2, $z2]) {
            [$l, $w, $h] = [$x2 - $x1, $y2 - $y1, $z2 - $z1];
            $shortest = min($l, $w, $h);
            $longest = max($l, $w, $h);
            if (
                $shortest < $leastShort || $longest < $leastLong
                    || $l + $w + $h - $shortest - $longest < $leastMiddle || $leastVolume > $l * $w * $h
            ) {
                unset($new[$i]);
            } else {
                $bySide[$sides[$i]][$i] = $new[$i];
            }
        }
        foreach ($new as $i => [$x1, $y1, $z1, $x2, $y2, $z2]) {
            $side = $sides[$i];
            foreach ($beside[$side] as $k) {
                if ($k[0] <= $x1 && $k[1] <= $y1 && $k[2] <= $z1 && $k[3] >= $x2 && $k[4] >= $y2 && $k[5] >= $z2) {
                    unset($new[$i], $bySide[$side][$i]);

                    continue 2;
                }
            }
            // Of two that are the same the earlier goes, and is no longer in the list when the later is looked at.
            foreach ($bySide[$side] as $j => $k) {
                if (
                    $i !== $j
                        && $k[0] <= $x1
                        && $k[1] <= $y1
                        && $k[2] <= $z1
                        && $k[3] >= $x2
                        && $k[4] >= $y2
                        && $k[5] >= $z2
                ) {
                    unset($new[$i], $bySide[$side][$i]);

                    continue 2;
                }
            }
        }

        return array_values($new);
    }
}
