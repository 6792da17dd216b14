<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;

/**
 * Packs the other way round: takes the empty space nearest a corner of the box, and looks for the piece, or the block of several, that
 * suits it best, so that what is left beside it can still be used. What folds and pours fills what is left.
 * A space and a block are [x1, y1, z1, x2, y2, z2].
 */
final class SpaceFirst
{
    /** So many of the best pieces for a space are tried before the space is given up. */
    private const TRIED = 8;

    /** After so many placements it is reckoned anew what the pieces that are left can use. */
    private const RECKONED_EVERY = 6;

    private readonly EmptySpaces $spaces;

    private Offers $offers;

    /** @var array<int, list<array{int, int, int, int, int, int}>> blocks by the level of their tops */
    private array $tops = [];

    /** @var list<array{int, array{int, int, int, int, int, int}, How}> kind, block and how it lies */
    private array $placed = [];

    /** @var list<int> how many of each kind are left */
    private array $left;

    /** @param list<float> $priorities above 1 for the kinds that stayed out before */
    public function __construct(
        private readonly BoxShape $box,
        private readonly Repertoire $repertoire,
        private readonly SpaceCare $care,
        array $priorities,
        int $seed,
        int $ceiling,
    ) {
        $this->spaces = new EmptySpaces($box, $ceiling, $care->level, $repertoire->ofForm(Form::Cloth, Form::Loose) !== []);
        $this->left = array_map(static fn (Kind $kind): int => count($kind->items), $repertoire->kinds);
        $this->offers = new Offers($repertoire, $care, $priorities, $seed);
    }

    /** What is in the box already: nothing goes under what may not move. */
    public function keep(Standing $standing, bool $nothingUnder): void
    {
        foreach ($standing->taken() as $taken) {
            $block = [$taken->x1, $taken->y1, $nothingUnder ? 0 : $taken->z1, $taken->x2, $taken->y2, $taken->z2];
            $this->spaces->fill($block, $this->offers->smallest);
        }
        if ($standing->footprint === null) {
            $this->tops[$standing->top][] = [$standing->part->x, $standing->part->y, $standing->part->z, $standing->x2, $standing->y2, $standing->top];
        }
    }

    /** @return array{list<Placement>, list<Item>} what was placed, in the order of placing, and what was not */
    public function run(): array
    {
        $this->offers->reckon($this->left);
        while ($this->offers->remain() && ($nearest = $this->spaces->nearestCorner()) !== null) {
            [$number, $space] = $nearest;
            if (! $this->fillBest($this->drawnIn($space))) {
                $this->spaces->drop($number);
            }
        }
        $this->heap();

        return $this->packed();
    }

    /** @param array{int, int, int, int, int, int} $space */
    private function fillBest(array $space): bool
    {
        [$scores, $offers] = $this->offers->for($space);
        for ($tried = 0; $tried < self::TRIED && $scores !== []; $tried++) {
            $at = (int) array_search(max($scores), $scores, true);
            [$l, $w, $h, , , $unit, $axes, $how] = $offers[$at];
            $corner = $this->corner($space, $l, $w, $h);
            if ($corner !== null) {
                $layout = is_int($unit) ? [[$unit, [$corner[0], $corner[1], $corner[2], $corner[0] + $l, $corner[1] + $w, $corner[2] + $h]]] : $unit->layout($corner, $axes);
                if ($this->isCarried($layout)) {
                    $this->place($layout, $how);

                    return true;
                }
            }
            unset($scores[$at]);
        }

        return false;
    }

    /**
     * @param  list<array{int, array{int, int, int, int, int, int}}>  $layout
     */
    private function place(array $layout, ?How $how): void
    {
        foreach ($layout as [$kind, $block]) {
            $model = $this->repertoire->kinds[$kind]->model;
            $this->placed[] = [$kind, $block, $how ?? How::standing($block[5] - $block[2], ...$model->size->sides())];
            $this->tops[$block[5]][] = $block;
            $this->left[$kind]--;
        }
        $this->offers->took($this->left, count($this->placed) % self::RECKONED_EVERY === 0);
        foreach ($layout as [$kind, $block]) {
            $model = $this->repertoire->kinds[$kind]->model;
            // Nothing goes on what is gentle; what is to be seen first keeps its top clear unless room is short.
            if ($model->gentle || ($model->firstSight && $this->care->keepsFirstSightClear)) {
                $block[5] = PHP_INT_MAX;
            }
            $this->spaces->fill($block, $this->offers->smallest);
        }
    }

    /** What folds and what pours, the largest first, each where it fits most snugly. */
    private function heap(): void
    {
        $kinds = $this->repertoire->ofForm(Form::Cloth, Form::Loose);
        usort($kinds, fn (int $a, int $b): int => $this->offers->weight($b) <=> $this->offers->weight($a));
        foreach ($kinds as $kind) {
            while ($this->left[$kind] > 0 && $this->heapOne($kind)) {
                continue;
            }
        }
    }

    private function heapOne(int $kind): bool
    {
        $least = INF;
        $best = null;
        foreach ($this->spaces->all() as $space) {
            $space = $this->drawnIn($space);
            $room = ($space[3] - $space[0]) * ($space[4] - $space[1]) * ($space[5] - $space[2]);
            foreach ($this->offers->heaps($kind, $space) as [$l, $w, $h]) {
                // The tighter the space, the less is lost; low before high.
                $score = $room - $l * $w * $h + $room * $space[2] / (4 * $this->box->height);
                if ($score >= $least) {
                    continue;
                }
                $corner = $this->corner($space, $l, $w, $h);
                if ($corner === null) {
                    continue;
                }
                $layout = [[$kind, [$corner[0], $corner[1], $corner[2], $corner[0] + $l, $corner[1] + $w, $corner[2] + $h]]];
                if ($this->isCarried($layout)) {
                    [$least, $best] = [$score, $layout];
                }
            }
        }
        if ($best === null) {
            return false;
        }
        $this->place($best, $this->offers->howHeaped($kind));

        return true;
    }

    /**
     * A space between the walls at its own level, where they slant outwards.
     *
     * @param  array{int, int, int, int, int, int}  $space
     * @return array{int, int, int, int, int, int}
     */
    private function drawnIn(array $space): array
    {
        if ($this->box->isStraight()) {
            return $space;
        }
        [$x1, $y1, $x2, $y2] = $this->box->freeBetween($space[2], 0);

        return [max($space[0], $x1), max($space[1], $y1), $space[2], min($space[3], $x2), min($space[4], $y2), $space[5]];
    }

    /**
     * The corner of the space that is nearest a corner of the box, drawn in where the walls slant inwards.
     *
     * @param  array{int, int, int, int, int, int}  $space
     * @return array{int, int, int}|null
     */
    private function corner(array $space, int $l, int $w, int $h): ?array
    {
        [$x1, $y1, $z1, $x2, $y2] = $space;
        if (! $this->box->isStraight()) {
            $free = $this->box->freeBetween($z1, $h);
            [$x1, $y1, $x2, $y2] = [max($x1, $free[0]), max($y1, $free[1]), min($x2, $free[2]), min($y2, $free[3])];
            if ($x2 - $x1 < $l || $y2 - $y1 < $w) {
                return null;
            }
        }

        return [$x1 <= $this->box->topLength - $x2 ? $x1 : $x2 - $l, $y1 < $this->box->topWidth - $y2 ? $y1 : $y2 - $w, $z1];
    }

    /** @param list<array{int, array{int, int, int, int, int, int}}> $layout */
    private function isCarried(array $layout): bool
    {
        foreach ($layout as $at => [, $block]) {
            if ($block[2] === 0) {
                continue;
            }
            $asked = Pile::CARRIED * ($block[3] - $block[0]) * ($block[4] - $block[1]);
            // Only what it touches counts: such tops lie beside one another, so that no place is counted twice.
            foreach ($this->tops[$block[2]] ?? [] as $under) {
                $asked -= self::shared($under, $block);
            }
            for ($before = 0; $before < $at && $asked > 0; $before++) {
                $asked -= $layout[$before][1][5] === $block[2] ? self::shared($layout[$before][1], $block) : 0;
            }
            if ($asked > 0) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  array{int, int, int, int, int, int}  $one
     * @param  array{int, int, int, int, int, int}  $other
     */
    private static function shared(array $one, array $other): int
    {
        $x = min($one[3], $other[3]) - max($one[0], $other[0]);
        $y = min($one[4], $other[4]) - max($one[1], $other[1]);

        return $x > 0 && $y > 0 ? $x * $y : 0;
    }

    /** @return array{list<Placement>, list<Item>} */
    private function packed(): array
    {
        $taken = [];
        $placements = [];
        foreach ($this->placed as [$kind, $block, $how]) {
            $taken[$kind] = ($taken[$kind] ?? 0) + 1;
            $item = $this->repertoire->kinds[$kind]->items[$taken[$kind] - 1];
            $placements[] = new Placement($item->id, 1, null, $how, 0.0, [new Part($block[0], $block[1], $block[2], $block[3] - $block[0], $block[4] - $block[1], $block[5] - $block[2])]);
        }
        $rest = [];
        foreach ($this->repertoire->kinds as $number => $kind) {
            array_push($rest, ...array_slice($kind->items, $taken[$number] ?? 0));
        }

        return [$placements, $rest];
    }
}
