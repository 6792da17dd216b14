<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Budget;

/**
 * Takes the empty space nearest a corner of the box, and looks for the piece, or the block of several, that suits it
 * best, so that what is left beside it can still be used. What folds and pours fills what is left.
 */
final readonly class SpaceFirst
{
    /** So many of the best pieces for a space are tried before the space is given up. */
    private const TRIED = 8;

    /** After so many placements it is reckoned anew what the pieces that are left can use. */
    private const RECKONED_EVERY = 6;

    /** How much worse a volume pressed out of cloth is than one left empty beside it. */
    private const PRESSED = 3.0;

    /** @param bool $isGentle whether cloth is spared rather than room: where all goes in anyhow */
    public function __construct(
        private Room $room,
        private Offers $offers,
        private bool $isGentle = false,
        private ?Budget $budget = null,
    ) {}

    public function run(): void
    {
        $this->offers->took($this->room->left, true);
        while (
            $this->offers->remain()
                && $this->budget?->isSpent() !== true
                && ($nearest = $this->room->spaces->nearestCorner()) !== null
        ) {
            [$number, $space] = $nearest;
            if (! $this->fillBest($this->room->spaces->drawnIn($space))) {
                $this->room->spaces->drop($number);
            }
        }
        $this->heap();
    }

    /** @param array{int, int, int, int, int, int} $space */
    private function fillBest(array $space): bool
    {
        [$scores, $offers] = $this->offers->for($space);
        for ($tried = 0; $tried < self::TRIED && $scores !== []; $tried++) {
            $at = (int) array_search(max($scores), $scores, true);
            [$l, $w, $h, , , $unit, $axes, $how] = $offers[$at];
            $corner = $this->room->corner($space, $l, $w, $h);
            if ($corner !== null) {
                $layout = is_int($unit)
                    ? [[$unit, [$corner[0], $corner[1], $corner[2], $corner[0] + $l, $corner[1] + $w, $corner[2] + $h]]]
                    : $unit->layout($corner, $axes);
                if ($this->room->carries($layout)) {
                    foreach ($layout as [$kind]) {
                        $this->room->left[$kind]--;
                    }
                    $before = $this->room->count();
                    $this->offers->took(
                        $this->room->left,
                        intdiv($before + count($layout), self::RECKONED_EVERY) > intdiv($before, self::RECKONED_EVERY),
                    );
                    $this->room->place($layout, $how, $this->offers->smallest);

                    return true;
                }
            }
            unset($scores[$at]);
        }

        return false;
    }

    /** What folds and what pours, the largest first, each where it fits most snugly. */
    private function heap(): void
    {
        $kinds = $this->offers->fillUp();
        usort($kinds, fn (int $a, int $b): int => $this->offers->weight($b) <=> $this->offers->weight($a));
        foreach ($kinds as $kind) {
            while ($this->room->left[$kind] > 0 && $this->budget?->isSpent() !== true && $this->heapOne($kind)) {
                $this->room->left[$kind]--;
            }
        }
    }

    private function heapOne(int $kind): bool
    {
        $least = INF;
        $best = null;
        $resting = $this->offers->repertoire->kinds[$kind]->model->size->volume();
        foreach ($this->room->spaces->allDrawnIn() as $space) {
            $volume = ($space[3] - $space[0]) * ($space[4] - $space[1]) * ($space[5] - $space[2]);
            foreach ($this->offers->heaps($kind, $space) as [$l, $w, $h]) {
                // The tighter the space, the less is lost; but none so tight that it is pressed where it need not be.
                $score = $volume - $l * $w * $h + (
                    $this->isGentle ? self::PRESSED * max(0, $resting - $l * $w * $h) : 0.0
                );
                $corner = $score < $least ? $this->room->corner($space, $l, $w, $h) : null;
                if ($corner === null) {
                    continue;
                }
                $layout = [
                    [$kind, [$corner[0], $corner[1], $corner[2], $corner[0] + $l, $corner[1] + $w, $corner[2] + $h]],
                ];
                if ($this->room->carries($layout)) {
                    [$least, $best] = [$score, $layout];
                }
            }
        }
        if ($best !== null) {
            $this->room->place($best, $this->offers->howHeaped($kind), $this->offers->smallest);
        }

        return $best !== null;
    }
}
