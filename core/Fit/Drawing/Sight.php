<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Drawing;

use WeakMap;

/** Which of two prisms hides the other, seen along a projection. */
final class Sight
{
    /** Parts may run into one another by half a millimetre: two such levels count as touching. */
    private const TOUCHING = 6.0;

    /** @var WeakMap<Prism, list<array{float, float}>> how far each reaches along the sides of a box on paper */
    private WeakMap $reaches;

    public function __construct(private readonly Projection $projection)
    {
        $this->reaches = new WeakMap;
    }

    /**
     * @return int below 0 where $one must be painted before $other, above 0 the other way, 0 where it is all the same
     */
    public function compare(Prism $one, Prism $other): int
    {
        if (! $this->overlapOnPaper($one, $other)) {
            return 0;
        }

        return (int) $this->isParted($other, $one) - (int) $this->isParted($one, $other);
    }

    /** Determine if a plane parts them with $front on the viewer's side, so that $back can never hide it. */
    private function isParted(Prism $back, Prism $front): bool
    {
        if ($back->high <= $front->low + self::TOUCHING && $back->low < $front->low) {
            return true;
        }
        if (! $back->isTurned && ! $front->isTurned) {
            [$x1, $y1, $x2, $y2] = $back->bounds;
            [$frontX1, $frontY1, $frontX2, $frontY2] = $front->bounds;

            return ($this->projection->towardsX > 1e-9 && $x2 <= $frontX1 + self::TOUCHING && $x1 < $frontX1)
                || ($this->projection->towardsY < -1e-9 && -$y1 <= -$frontY2 + self::TOUCHING && -$y2 < -$frontY2);
        }
        foreach ($this->normals($back, $front) as [$nx, $ny]) {
            if ($nx * $this->projection->towardsX + $ny * $this->projection->towardsY > 1e-9
                && self::most($back, $nx, $ny) <= self::least($front, $nx, $ny) + self::TOUCHING
                && self::least($back, $nx, $ny) < self::least($front, $nx, $ny)) {
                return true;
            }
        }

        return false;
    }

    /**
     * The sides along which two outlines can be parted: those of the box, and of whatever is turned in it.
     *
     * @return list<array{float, float}>
     */
    private function normals(Prism $one, Prism $other): array
    {
        $normals = [[1.0, 0.0], [0.0, -1.0]];
        foreach ([$one, $other] as $prism) {
            if ($prism->isTurned) {
                $corners = $prism->footprint->corners;
                foreach ($corners as $i => [$x, $y]) {
                    [$toX, $toY] = $corners[($i + 1) % count($corners)];
                    $length = hypot($toX - $x, $toY - $y);
                    if ($length > 0.01) {
                        $normals[] = [($toY - $y) / $length, ($x - $toX) / $length];
                        $normals[] = [($y - $toY) / $length, ($toX - $x) / $length];
                    }
                }
            }
        }

        return $normals;
    }

    /** Their outlines on paper are convex, so they meet unless one of their sides parts them. */
    private function overlapOnPaper(Prism $one, Prism $other): bool
    {
        $edges = $this->boxEdges();
        if (! $one->isTurned && ! $other->isTurned) {
            $others = $this->reachesOf($other);
            foreach ($this->reachesOf($one) as $along => [$low, $high]) {
                if ($high <= $others[$along][0] + 1e-6 || $others[$along][1] <= $low + 1e-6) {
                    return false;
                }
            }

            return true;
        }
        foreach ([$one, $other] as $prism) {
            if ($prism->isTurned) {
                $corners = $prism->footprint->corners;
                foreach ($corners as $i => [$x, $y]) {
                    [$dx, $dy] = [
                        $corners[($i + 1) % count($corners)][0] - $x, $corners[($i + 1) % count($corners)][1] - $y,
                    ];
                    $edges[] = [
                        $dx * $this->projection->rightX + $dy * $this->projection->rightY,
                        $dx * $this->projection->downX + $dy * $this->projection->downY,
                    ];
                }
            }
        }
        foreach ($edges as [$ex, $ey]) {
            [$low, $high] = $this->reach($one, -$ey, $ex);
            [$otherLow, $otherHigh] = $this->reach($other, -$ey, $ex);
            if ($high <= $otherLow + 1e-6 || $otherHigh <= $low + 1e-6) {
                return false;
            }
        }

        return true;
    }

    /** @return list<array{float, float}> the sides of the box on paper */
    private function boxEdges(): array
    {
        return [
            [$this->projection->rightX, $this->projection->downX],
            [$this->projection->rightY, $this->projection->downY],
            [0.0, 1.0],
        ];
    }

    /** @return list<array{float, float}> along each side of the box, reckoned once a prism */
    private function reachesOf(Prism $prism): array
    {
        return $this->reaches[$prism] ??= array_map(
            fn (array $edge): array => $this->reach($prism, -$edge[1], $edge[0]),
            $this->boxEdges(),
        );
    }

    /** @return array{float, float} how far a prism reaches along a direction on paper */
    private function reach(Prism $prism, float $nx, float $ny): array
    {
        $alongX = $nx * $this->projection->rightX + $ny * $this->projection->downX;
        $alongY = $nx * $this->projection->rightY + $ny * $this->projection->downY;
        $alongZ = $ny * $this->projection->downZ;
        if (! $prism->isTurned) {
            [$x1, $y1, $x2, $y2] = $prism->bounds;
            $low = ($alongX > 0 ? $x1 : $x2) * $alongX + ($alongY > 0 ? $y1 : $y2) * $alongY;
            $high = ($alongX > 0 ? $x2 : $x1) * $alongX + ($alongY > 0 ? $y2 : $y1) * $alongY;
        } else {
            [$low, $high] = [self::least($prism, $alongX, $alongY), self::most($prism, $alongX, $alongY)];
        }

        return [
            $low + ($alongZ > 0 ? $prism->low : $prism->high) * $alongZ,
            $high + ($alongZ > 0 ? $prism->high : $prism->low) * $alongZ,
        ];
    }

    private static function most(Prism $prism, float $nx, float $ny): float
    {
        return max(
            array_map(
                static fn (array $corner): float => $corner[0] * $nx + $corner[1] * $ny,
                $prism->footprint->corners,
            ),
        );
    }

    private static function least(Prism $prism, float $nx, float $ny): float
    {
        return min(
            array_map(
                static fn (array $corner): float => $corner[0] * $nx + $corner[1] * $ny,
                $prism->footprint->corners,
            ),
        );
    }
}
