<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Geometry\Footprint;
use PluckyWren\Core\Fit\Geometry\Standing;
use PluckyWren\Core\Fit\Part;

/** What stands in a box, at whatever angle: what meets what, and what carries what. */
final class Pile
{
    /** How near a top, or the floor, must be to the underside it carries, in tenths of a millimetre. */
    public const CONTACT = 20;

    /** A piece is carried by so much of its underside at least; a little more than the model asks. */
    public const CARRIED = 0.32;

    /** @var list<Standing> */
    public array $standing = [];

    public function __construct(public readonly BoxShape $box) {}

    public function add(Standing $standing): void
    {
        $this->standing[] = $standing;
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
        if ($new->part->z <= self::CONTACT) {
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

    /** Determine if a part can be put where it would lie, in the box with its lid off, and be carried there. */
    public function takes(Standing $new): bool
    {
        return $this->isInside($new->part, 0.0, $this->box->height)
            && $this->isFree($new)
            && $this->allows($new, false)
            && $this->carried($new) >= self::CARRIED;
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
}
