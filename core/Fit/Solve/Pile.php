<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Geometry\Footprint;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;

/** The box as it fills: what stands in it and the largest empty spaces left. */
final class Pile
{
    /** How near a top must be to the underside it carries, in tenths of a millimetre. */
    private const CONTACT = 20;

    /** A piece is carried by so much of its underside at least; a little more than the model asks. */
    public const CARRIED = 0.32;

    /** @var list<Standing> */
    public array $standing = [];

    /** @var list<Space> */
    public array $spaces;

    public function __construct(public readonly BoxShape $box)
    {
        [$x, $y] = $box->insetAt(0);
        $outX = (int) ceil(max(0, -$x));
        $outY = (int) ceil(max(0, -$y));
        $this->spaces = [
            new Space(-$outX, -$outY, 0, $box->topLength + $outX, $box->topWidth + $outY, $box->height + $box->bulge),
        ];
    }

    public function add(Placement $placement, Item $item, bool $pinned = false): void
    {
        foreach ($placement->parts as $part) {
            $standing = new Standing($part, $placement->angle, $item, $pinned);
            $this->standing[] = $standing;
            foreach ($standing->taken() as $taken) {
                $this->fill($taken);
            }
        }
    }

    /** Determine if a part meets nothing that stands in the box already. */
    public function isFree(Standing $new): bool
    {
        foreach ($this->standing as $old) {
            if ($new->part->z < $old->top && $old->part->z < $new->top && $new->sharedArea($old) > 1.0) {
                return false;
            }
        }

        return true;
    }

    /**
     * The share of a part's underside that is carried, never told too high: of two carriers that overlap only the upper
     * counts.
     */
    public function carried(Standing $new): float
    {
        if ($new->part->z === 0) {
            return 1.0;
        }
        $carriers = [];
        $area = 0.0;
        foreach ($this->standing as $old) {
            if (
                $old->top <= $new->part->z
                    && $old->top >= $new->part->z - self::CONTACT
                    && ($shared = $new->sharedArea($old)) > 0
                    && ! $this->isCovered($old, $carriers)
            ) {
                $carriers[] = $old;
                $area += $shared;
            }
        }

        return $area / ($new->part->l * $new->part->w);
    }

    /** Determine if a part may go where it would lie: not under what is pinned, hard things not on gentle ones. */
    public function allows(Standing $new, bool $keepsFirstSightClear): bool
    {
        foreach ($this->standing as $old) {
            if ($old->pinned && $old->part->z >= $new->top && $new->sharedArea($old) > 0) {
                return false;
            }
            $protects = ($old->item->gentle && $new->item->form->keepsItsSides())
                || ($keepsFirstSightClear && $old->item->firstSight && ! $new->item->firstSight);
            if ($protects && $old->top <= $new->part->z && $new->sharedArea($old) > 0) {
                return false;
            }
        }

        return true;
    }

    /**
     * The levels on which something may be set down, lowest first.
     *
     * @return list<int>
     */
    public function levels(): array
    {
        $levels = [0 => true];
        foreach ($this->standing as $standing) {
            $levels[$standing->top] = true;
        }
        ksort($levels);

        return array_keys($levels);
    }

    /** Determine if a part is within the walls and under $ceiling. */
    public function isInside(Part $part, float $angle, int $ceiling): bool
    {
        [$x1, $y1, $x2, $y2] = $this->box->freeBetween($part->z, $part->h);
        if ($part->top() > $ceiling) {
            return false;
        }
        $standing = $angle == 0.0 ? null : Footprint::of($part, $angle)->bounds();
        [$fromX, $fromY, $toX, $toY] = $standing ?? [$part->x, $part->y, $part->x + $part->l, $part->y + $part->w];

        return $fromX >= $x1 && $fromY >= $y1 && $toX <= $x2 && $toY <= $y2;
    }

    /** @param list<Standing> $carriers */
    private function isCovered(Standing $carrier, array $carriers): bool
    {
        foreach ($carriers as $other) {
            if ($other->top !== $carrier->top && $other->sharedArea($carrier) > 0) {
                return true;
            }
        }

        return false;
    }

    private function fill(Space $taken): void
    {
        $kept = [];
        $new = [];
        foreach ($this->spaces as $space) {
            if ($space->meets($taken)) {
                array_push($new, ...$space->without($taken));
            } else {
                $kept[] = $space;
            }
        }
        $this->spaces = [...$kept, ...self::largest($new, $kept)];
    }

    /**
     * Those of $new that lie within no other space.
     *
     * @param  list<Space>  $new
     * @param  list<Space>  $kept
     * @return list<Space>
     */
    private static function largest(array $new, array $kept): array
    {
        $largest = [];
        foreach ($new as $i => $space) {
            foreach ($kept as $other) {
                if ($other->holds($space)) {
                    continue 2;
                }
            }
            foreach ($new as $j => $other) {
                if ($i !== $j && $other->holds($space) && ($j < $i || ! $space->holds($other))) {
                    continue 2;
                }
            }
            $largest[] = $space;
        }

        return $largest;
    }
}
