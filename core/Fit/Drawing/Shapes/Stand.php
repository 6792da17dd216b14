<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Drawing\Shapes;

use PluckyWren\Core\Fit\Drawing\Axis;
use PluckyWren\Core\Fit\Drawing\Prism;
use PluckyWren\Core\Fit\Drawing\Projection;

/**
 * A piece's own block as it stands: its sides, and how points within it come onto paper. Along its sides everything
 * goes from 0 to 1: from its left, front and lower end to its right, back and upper end.
 */
final readonly class Stand
{
    /** @var array{float, float, float} its sides in tenths of a millimetre, along its own axes */
    public array $sides;

    /** @var array{float, float} */
    private array $corner;

    /** @var array{float, float} one tenth along its length, seen from above */
    private array $along;

    public function __construct(public Prism $prism, public Projection $projection)
    {
        [$one, $next, , $last] = [...$prism->footprint->corners, [0.0, 0.0], [0.0, 0.0]];
        $length = max(0.01, hypot($next[0] - $one[0], $next[1] - $one[1]));
        $this->corner = $one;
        $this->along = [($next[0] - $one[0]) / $length, ($next[1] - $one[1]) / $length];
        $this->sides = [$length, hypot($last[0] - $one[0], $last[1] - $one[1]), $prism->high - $prism->low];
    }

    /** @return array{float, float} on paper */
    public function at(float $x, float $y, float $z): array
    {
        [$dx, $dy] = [$x * $this->sides[0], $y * $this->sides[1]];

        return $this->projection->point(
            $this->corner[0] + $dx * $this->along[0] - $dy * $this->along[1],
            $this->corner[1] + $dx * $this->along[1] + $dy * $this->along[0],
            $this->prism->low + $z * $this->sides[2],
        );
    }

    /** The axis along which it is longest. */
    public function longAxis(): int
    {
        return Axis::longest($this->sides);
    }

    /** Its axis where it is round. */
    public function roundAxis(): int
    {
        return Axis::round($this->sides);
    }

    /**
     * A point within it, given along an axis and across it.
     *
     * @param  float  $along  from 0 to 1; 1 is the end that is seen: right, front or up
     * @param  float  $first  across, from 0 to 1
     * @param  float  $second  across, from 0 to 1
     * @return array{float, float} on paper
     */
    public function on(int $axis, float $along, float $first, float $second): array
    {
        return match ($axis) {
            0 => $this->at($along, $first, $second),
            1 => $this->at($first, 1 - $along, $second),
            default => $this->at($first, $second, $along),
        };
    }

    /**
     * A ring round an axis, as points on paper.
     *
     * @param  float  $radius  1 fills the block
     * @return non-empty-list<array{float, float}>
     */
    public function ring(int $axis, float $along, float $radius = 1.0, int $points = 24): array
    {
        return array_map(function (int $at) use ($axis, $along, $radius, $points): array {
            $turn = 2 * M_PI * $at / $points;

            return $this->on($axis, $along, 0.5 + $radius / 2 * cos($turn), 0.5 + $radius / 2 * sin($turn));
        }, range(0, $points - 1));
    }

    /** Determine if the end of an axis is seen at all, not from its very edge. */
    public function seesEnd(int $axis): bool
    {
        $p = $this->projection;
        $facing = match ($axis) {
            0 => $this->along[0] * $p->towardsX + $this->along[1] * $p->towardsY,
            1 => $this->along[1] * $p->towardsX - $this->along[0] * $p->towardsY,
            default => 1.0,
        };

        return $facing > 0.05;
    }
}
