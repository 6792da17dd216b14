<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Geometry;

use PluckyWren\Core\Fit\Part;

/** A convex outline seen from above, its corners anticlockwise, in tenths of a millimetre. */
final readonly class Footprint
{
    /** @param non-empty-list<array{float, float}> $corners */
    public function __construct(public array $corners) {}

    /** The outline of a part, turned about its centre by $degrees. */
    public static function of(Part $part, float $degrees = 0.0): self
    {
        $cos = cos(deg2rad($degrees));
        $sin = sin(deg2rad($degrees));
        $turned = static fn (float $dx, float $dy): array => [
            $part->x + $part->l / 2 + $dx * $cos - $dy * $sin,
            $part->y + $part->w / 2 + $dx * $sin + $dy * $cos,
        ];
        [$halfLength, $halfWidth] = [$part->l / 2, $part->w / 2];

        return new self([
            $turned(-$halfLength, -$halfWidth),
            $turned($halfLength, -$halfWidth),
            $turned($halfLength, $halfWidth),
            $turned(-$halfLength, $halfWidth),
        ]);
    }

    /** @return array{float, float, float, float} least x, least y, most x, most y */
    public function bounds(): array
    {
        $xs = array_column($this->corners, 0);
        $ys = array_column($this->corners, 1);

        return [min($xs), min($ys), max($xs), max($ys)];
    }

    /** Square tenths of a millimetre, by the shoelace formula. */
    public function area(): float
    {
        $sum = 0.0;
        [$fromX, $fromY] = $this->corners[count($this->corners) - 1];
        foreach ($this->corners as [$x, $y]) {
            $sum += $fromX * $y - $x * $fromY;
            [$fromX, $fromY] = [$x, $y];
        }

        return abs($sum) / 2;
    }

    /** Determine if a point lies within it. */
    public function holds(float $x, float $y): bool
    {
        [$fromX, $fromY] = $this->corners[count($this->corners) - 1];
        foreach ($this->corners as [$toX, $toY]) {
            if (($toX - $fromX) * ($y - $fromY) - ($toY - $fromY) * ($x - $fromX) < -1e-6) {
                return false;
            }
            [$fromX, $fromY] = [$toX, $toY];
        }

        return true;
    }

    /** How much of this lies over $that. */
    public function sharedArea(self $that): float
    {
        $shared = $this->clippedTo($that);

        return $shared === null ? 0.0 : $shared->area();
    }

    /** The part of this within $that, cut edge by edge; null where they do not meet. */
    public function clippedTo(self $that): ?self
    {
        $corners = $this->corners;
        $from = $that->corners[count($that->corners) - 1];
        foreach ($that->corners as $to) {
            $corners = self::leftOf($corners, $from, $to);
            if ($corners === []) {
                return null;
            }
            $from = $to;
        }

        return new self($corners);
    }

    /**
     * The slice between two levels of x, as its reach in y; null where the outline does not reach there.
     *
     * @return array{float, float}|null
     */
    public function reachBetween(float $fromX, float $toX): ?array
    {
        [, $lowY, , $highY] = $this->bounds();
        $slice = $this->clippedTo(
            new self([[$fromX, $lowY - 1], [$toX, $lowY - 1], [$toX, $highY + 1], [$fromX, $highY + 1]]),
        );
        if ($slice === null) {
            return null;
        }
        $bounds = $slice->bounds();

        return [$bounds[1], $bounds[3]];
    }

    /**
     * @param  list<array{float, float}>  $corners
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     * @return list<array{float, float}>
     */
    private static function leftOf(array $corners, array $from, array $to): array
    {
        $kept = [];
        $side = static fn (float $x, float $y): float => ($to[0] - $from[0]) * ($y - $from[1])
            - ($to[1] - $from[1]) * ($x - $from[0]);
        $last = $corners[count($corners) - 1];
        $lastSide = $side(...$last);
        foreach ($corners as $corner) {
            $cornerSide = $side(...$corner);
            if (($lastSide < 0) !== ($cornerSide < 0)) {
                $share = $lastSide / ($lastSide - $cornerSide);
                $kept[] = [$last[0] + $share * ($corner[0] - $last[0]), $last[1] + $share * ($corner[1] - $last[1])];
            }
            if ($cornerSide >= 0) {
                $kept[] = $corner;
            }
            [$last, $lastSide] = [$corner, $cornerSide];
        }

        return $kept;
    }
}
