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
    /** @var list<array{int, int, int, int, int, int}> */
    private array $spaces;

    /** @var list<array{int, int, int, int, int, int}> those that hold nothing but what folds or pours */
    private array $parked = [];

    /**
     * @param  int  $ceiling  how high anything may reach
     * @param  bool  $parks  whether a space that is dropped may still be wanted for what folds or pours
     */
    public function __construct(private readonly BoxShape $box, int $ceiling, private readonly bool $parks = false)
    {
        [$x, $y] = $box->insetAt(0);
        $outX = (int) ceil(max(0, -$x));
        $outY = (int) ceil(max(0, -$y));
        $this->spaces = [[-$outX, -$outY, 0, $box->topLength + $outX, $box->topWidth + $outY, $ceiling]];
    }

    /** @return list<array{int, int, int, int, int, int}> with those that were dropped */
    public function all(): array
    {
        return [...$this->spaces, ...$this->parked];
    }

    /**
     * Get the space whose own corner lies nearest a bottom corner of the box.
     *
     * @param  float  $level  how much further a millimetre up is than one along the floor
     * @return array{int, array{int, int, int, int, int, int}}|null its number and itself; null where none is left
     */
    public function nearestCorner(float $level): ?array
    {
        $best = null;
        $least = INF;
        foreach ($this->spaces as $at => [$x1, $y1, $z1, $x2, $y2]) {
            $distance = $level * $z1 + min($x1, $this->box->topLength - $x2) + min($y1, $this->box->topWidth - $y2);
            if ($distance < $least) {
                [$best, $least] = [$at, $distance];
            }
        }

        return $best === null ? null : [$best, $this->spaces[$best]];
    }

    /** What goes into a space in no way now goes in later neither. */
    public function drop(int $number): void
    {
        if ($this->parks) {
            $this->parked[] = $this->spaces[$number];
        }
        array_splice($this->spaces, $number, 1);
    }

    /**
     * Fill a block; of the spaces that are left, those that hold none of the pieces that are left are dropped.
     *
     * @param  array{int, int, int, int, int, int}  $block
     * @param  array{int, int, int}  $smallest  the least longest, middle and shortest side of those pieces
     */
    public function fill(array $block, array $smallest): void
    {
        $this->spaces = self::filled($this->spaces, $block, $smallest);
        if ($this->parked !== []) {
            $this->parked = self::filled($this->parked, $block, $smallest);
        }
    }

    /**
     * @param  list<array{int, int, int, int, int, int}>  $spaces
     * @param  array{int, int, int, int, int, int}  $block
     * @param  array{int, int, int}  $smallest
     * @return list<array{int, int, int, int, int, int}>
     */
    private static function filled(array $spaces, array $block, array $smallest): array
    {
        [$a1, $b1, $c1, $a2, $b2, $c2] = $block;
        $kept = $new = [];
        foreach ($spaces as $space) {
            [$x1, $y1, $z1, $x2, $y2, $z2] = $space;
            if ($x1 >= $a2 || $a1 >= $x2 || $y1 >= $b2 || $b1 >= $y2 || $z1 >= $c2 || $c1 >= $z2) {
                $kept[] = $space;

                continue;
            }
            if ($a1 > $x1) {
                $new[] = [$x1, $y1, $z1, $a1, $y2, $z2];
            }
            if ($a2 < $x2) {
                $new[] = [$a2, $y1, $z1, $x2, $y2, $z2];
            }
            if ($b1 > $y1) {
                $new[] = [$x1, $y1, $z1, $x2, $b1, $z2];
            }
            if ($b2 < $y2) {
                $new[] = [$x1, $b2, $z1, $x2, $y2, $z2];
            }
            if ($c1 > $z1) {
                $new[] = [$x1, $y1, $z1, $x2, $y2, $c1];
            }
            if ($c2 < $z2) {
                $new[] = [$x1, $y1, $c2, $x2, $y2, $z2];
            }
        }
        return self::withLargest($kept, array_filter($new, static fn (array $space): bool => self::holdsAny($space, $smallest)));
    }

    /**
     * @param  array{int, int, int, int, int, int}  $space
     * @param  array{int, int, int}  $smallest
     */
    private static function holdsAny(array $space, array $smallest): bool
    {
        $sides = [$space[3] - $space[0], $space[4] - $space[1], $space[5] - $space[2]];
        $shortest = min($sides);
        $longest = max($sides);

        return $shortest >= $smallest[2] && $longest >= $smallest[0] && array_sum($sides) - $shortest - $longest >= $smallest[1];
    }

    /**
     * @param  list<array{int, int, int, int, int, int}>  $kept
     * @param  array<int, array{int, int, int, int, int, int}>  $new
     * @return list<array{int, int, int, int, int, int}> with those of $new that lie within no other
     */
    private static function withLargest(array $kept, array $new): array
    {
        $all = $kept;
        foreach ($new as $i => [$x1, $y1, $z1, $x2, $y2, $z2]) {
            foreach ($kept as $k) {
                if ($k[0] <= $x1 && $k[1] <= $y1 && $k[2] <= $z1 && $k[3] >= $x2 && $k[4] >= $y2 && $k[5] >= $z2) {
                    continue 2;
                }
            }
            foreach ($new as $j => $k) {
                if ($i !== $j && $k[0] <= $x1 && $k[1] <= $y1 && $k[2] <= $z1 && $k[3] >= $x2 && $k[4] >= $y2 && $k[5] >= $z2 && ($j < $i || $k !== $new[$i])) {
                    continue 2;
                }
            }
            $all[] = $new[$i];
        }

        return $all;
    }
}
