<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Check;

use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;

/** Each piece is only turned, bent, folded, pressed or poured as its form allows. */
final class FormsKept implements Rule
{
    public function breaches(Packing $packing): array
    {
        $breaches = [];
        foreach ($packing->known() as [$placement, $item]) {
            $why = $this->wrongWith($placement, $item);
            if ($why !== null) {
                $breaches[] = "{$placement->id} {$why}.";
            }
        }

        return $breaches;
    }

    private function wrongWith(Placement $placement, Item $item): ?string
    {
        $part = $placement->parts[0];
        if (count($placement->parts) === 2) {
            return $this->wrongWithBend($placement, $item);
        }
        if (fmod($placement->angle, 360) != 0.0 && ! $item->form->keepsItsSides()) {
            return 'is turned by an angle, which its form may not be';
        }

        return match (true) {
            $item->form->keepsItsSides() => $this->isTurned($part, $item) ? null : 'does not keep its sides',
            $item->form === Form::Soft => $this->isPressed($part, $item) ? null : 'is pressed further than it gives',
            default => $this->wrongWithHeap($part, $item),
        };
    }

    private function isTurned(Part $part, Item $item): bool
    {
        $size = $item->size;
        if ($item->keepUpright) {
            return $this->near($part->h, $size->height)
                && (
                    $this->near($part->l, $size->length) && $this->near($part->w, $size->width)
                        || $this->near($part->l, $size->width) && $this->near($part->w, $size->length)
                );
        }
        $sides = [$part->l, $part->w, $part->h];
        rsort($sides);

        return array_filter(array_map($this->near(...), $sides, $size->sides())) === [true, true, true];
    }

    private function isPressed(Part $part, Item $item): bool
    {
        $sides = [$item->size->length, $item->size->width, $item->size->height];
        if ($part->volume() < $item->squeeze * $item->size->volume() * (1 - Tolerance::VOLUME)) {
            return false;
        }
        foreach ([[0, 1, 2], [0, 2, 1], [1, 0, 2], [1, 2, 0], [2, 0, 1], [2, 1, 0]] as $turn) {
            $fits = true;
            foreach ([$part->l, $part->w, $part->h] as $axis => $side) {
                $resting = $sides[$turn[$axis]];
                $fits = $fits
                    && $side >= $item->squeeze * $resting - Tolerance::LENGTH
                    && $side <= $resting + Tolerance::LENGTH;
            }
            if ($fits) {
                return true;
            }
        }

        return false;
    }

    private function wrongWithHeap(Part $part, Item $item): ?string
    {
        if (min($part->l, $part->w, $part->h) < $item->leastSide() - Tolerance::LENGTH) {
            return 'has a side under its least side';
        }

        return $part->volume() < $item->leastVolume() * (1 - Tolerance::VOLUME) ? 'takes less room than it can' : null;
    }

    private function wrongWithBend(Placement $placement, Item $item): ?string
    {
        [$lying, $standing] = $placement->parts;
        if (
            ! $item->bends()
                || $placement->how !== How::UpTheWall
                || $placement->angle != 0.0
                || ! isset($placement->parts[1])
        ) {
            return 'is bent, which its form may not be';
        }
        [$longer, $shorter, $thickness] = $item->size->sides();
        if (! $this->near($lying->h, $thickness) || abs($lying->z - $standing->z) > Tolerance::LENGTH) {
            return 'is bent but does not lie and stand at one level';
        }
        foreach ([true, false] as $alongLength) {
            if ($this->bendsAlong($alongLength, $lying, $standing, $thickness, [$longer, $shorter])) {
                return null;
            }
        }

        return 'is bent but its two shares do not add up';
    }

    /** @param array{int, int} $sides */
    private function bendsAlong(bool $alongLength, Part $lying, Part $standing, int $thickness, array $sides): bool
    {
        [$share, $kept, $wall, $keptStanding] = $alongLength
            ? [$lying->l, $lying->w, $standing->l, $standing->w]
            : [$lying->w, $lying->l, $standing->w, $standing->l];
        [$start, $end, $standsAt] = $alongLength
            ? [$lying->x, $lying->x + $lying->l, $standing->x]
            : [$lying->y, $lying->y + $lying->w, $standing->y];
        $sideways = $alongLength ? abs($lying->y - $standing->y) : abs($lying->x - $standing->x);
        $touches = $this->near($standsAt, $end) || $this->near($standsAt + $wall, $start);

        return $this->near($wall, $thickness)
            && $this->near($kept, $keptStanding)
            && $sideways <= Tolerance::LENGTH
            && $touches
            && ($this->near($kept, $sides[1]) && abs($share + $standing->h - $sides[0]) <= Tolerance::BEND
                || $this->near($kept, $sides[0]) && abs($share + $standing->h - $sides[1]) <= Tolerance::BEND);
    }

    private function near(int $one, int $other): bool
    {
        return abs($one - $other) <= Tolerance::LENGTH;
    }
}
