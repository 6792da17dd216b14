<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Check;

use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;

/** One part as it stands: its corners seen from above, its floor and its top. */
final readonly class Solid
{
    /** @var list<array{float, float}> anticlockwise */
    public array $corners;

    public function __construct(public Placement $placement, public Part $part, public int $index)
    {
        [$sin, $cos] = [sin($placement->angle * M_PI / 180), cos($placement->angle * M_PI / 180)];
        $centreX = $part->x + $part->l / 2;
        $centreY = $part->y + $part->w / 2;
        $corners = [];
        foreach ([[-1, -1], [1, -1], [1, 1], [-1, 1]] as [$a, $b]) {
            [$dx, $dy] = [$a * $part->l / 2, $b * $part->w / 2];
            $corners[] = [$centreX + $cos * $dx - $sin * $dy, $centreY + $sin * $dx + $cos * $dy];
        }
        $this->corners = $corners;
    }

    public function id(): string
    {
        return $this->placement->id;
    }

    /** Determine if a point of the plan lies under it. */
    public function covers(float $x, float $y): bool
    {
        foreach ($this->corners as $i => [$fromX, $fromY]) {
            [$toX, $toY] = $this->corners[($i + 1) % 4];
            if (($toX - $fromX) * ($y - $fromY) - ($toY - $fromY) * ($x - $fromX) < -1e-6) {
                return false;
            }
        }

        return true;
    }

    /**
     * How deep two outlines run into one another seen from above: the least shift that parts them, 0 or less where they
     * do not meet.
     */
    public function planOverlap(self $that): float
    {
        $least = INF;
        foreach ([$this, $that] as $solid) {
            foreach ([0, 1] as $edge) {
                [$ax, $ay] = $solid->corners[$edge];
                [$bx, $by] = $solid->corners[$edge + 1];
                $length = hypot($bx - $ax, $by - $ay);
                [$nx, $ny] = [($by - $ay) / $length, ($ax - $bx) / $length];
                [$low, $high] = $this->alongside($nx, $ny);
                [$thatLow, $thatHigh] = $that->alongside($nx, $ny);
                $least = min($least, min($high, $thatHigh) - max($low, $thatLow));
            }
        }

        return $least;
    }

    /** @return array{float, float} */
    private function alongside(float $nx, float $ny): array
    {
        $along = array_map(static fn (array $corner): float => $corner[0] * $nx + $corner[1] * $ny, $this->corners);

        return [min($along), max($along)];
    }
}
