<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;

/**
 * Packs what keeps its sides the other way round: takes the empty space nearest a corner of the box, and looks for the piece that
 * suits it best, so that what is left beside it can still be used. A space and a block are [x1, y1, z1, x2, y2, z2].
 */
final class SpaceFirst
{
    /** So many of the best pieces for a space are tried before the space is given up. */
    private const TRIED = 8;

    /** After so many placements it is reckoned anew what the pieces that are left can use. */
    private const RECKONED_EVERY = 6;

    /** How much more a must counts. An estimate. */
    private const MUST = 1.5;

    private readonly EmptySpaces $spaces;

    private UsableGaps $gaps;

    /** @var list<array{int, int, int, int, int, int}> */
    private array $blocks = [];

    /** @var array{int, int, int} the least longest, middle and shortest side of the pieces that are left */
    private array $smallest = [0, 0, 0];

    private int $chance;

    /** @param array<string, float> $priorities above 1 for what stayed out before, by the item's id */
    public function __construct(private readonly BoxShape $box, private readonly SpaceCare $care, private readonly array $priorities, int $seed)
    {
        $this->spaces = new EmptySpaces($box);
        $this->gaps = new UsableGaps([]);
        $this->chance = ($seed * 2_654_435_761 + 97) & 0x7FFFFFFF;
    }

    /**
     * @param  list<Item>  $items  that keep their sides
     * @return array{list<Placement>, list<Item>} what was placed, in the order of placing, and what was not
     */
    public function run(array $items): array
    {
        $kinds = $this->kinds($items);
        $placements = [];
        $this->reckon($kinds);
        while ($kinds !== [] && ($nearest = $this->spaces->nearestCorner($this->care->level)) !== null) {
            [$number, $space] = $nearest;
            $chosen = $this->best($space, $kinds);
            $item = $chosen === null ? null : $kinds[$chosen[0]]->take();
            if ($chosen === null || $item === null) {
                $this->spaces->drop($number);

                continue;
            }
            [$key, $block, $how] = $chosen;
            if ($kinds[$key]->left() === []) {
                unset($kinds[$key]);
            }
            $placements[] = new Placement($item->id, 1, null, $how, 0.0, [new Part($block[0], $block[1], $block[2], $block[3] - $block[0], $block[4] - $block[1], $block[5] - $block[2])]);
            $this->blocks[] = $block;
            if (count($placements) % self::RECKONED_EVERY === 0) {
                $this->reckon($kinds);
            }
            $this->spaces->fill($block, $this->smallest);
        }

        return [$placements, array_merge([], ...array_values(array_map(static fn (AlikePieces $alike): array => $alike->left(), $kinds)))];
    }

    /**
     * @param  list<Item>  $items
     * @return array<string, AlikePieces>
     */
    private function kinds(array $items): array
    {
        $poses = new Poses;
        $kinds = [];
        foreach ($items as $item) {
            [$a, $b, $c] = $item->size->sides();
            $priority = $this->priorities[$item->id] ?? 1.0;
            $key = "{$a}/{$b}/{$c}/{$item->keepUpright}/{$priority}/{$item->must}/{$item->value}";
            $kinds[$key] ??= new AlikePieces(
                $item,
                array_map(static fn (Pose $pose): array => [$pose->l, $pose->w, $pose->h, $pose->how], $poses->turned($item)),
                $item->size->volume() ** $this->care->size * $priority * ($item->must ? self::MUST : 1.0) * $item->value ** 0.25,
            );
            $kinds[$key]->add($item);
        }

        return $kinds;
    }

    /** @param array<string, AlikePieces> $kinds */
    private function reckon(array $kinds): void
    {
        $sides = [];
        $smallest = [PHP_INT_MAX, PHP_INT_MAX, PHP_INT_MAX];
        foreach ($kinds as $kind) {
            $sides[$kind->longest] = $sides[$kind->middle] = $sides[$kind->shortest] = true;
            $smallest = [min($smallest[0], $kind->longest), min($smallest[1], $kind->middle), min($smallest[2], $kind->shortest)];
        }
        $this->gaps = new UsableGaps($sides);
        $this->smallest = $smallest;
    }

    /**
     * @param  array{int, int, int, int, int, int}  $space
     * @param  array<string, AlikePieces>  $kinds
     * @return array{string, array{int, int, int, int, int, int}, How}|null
     */
    private function best(array $space, array $kinds): ?array
    {
        [$long, $broad, $high] = [$space[3] - $space[0], $space[4] - $space[1], $space[5] - $space[2]];
        $least = $this->smallest[2];
        $scores = $offers = [];
        foreach ($kinds as $key => $kind) {
            foreach ($kind->poses as $turn => [$l, $w, $h]) {
                $gapX = $long - $l;
                $gapY = $broad - $w;
                $gapZ = $high - $h;
                if ($gapX < 0 || $gapY < 0 || $gapZ < 0) {
                    continue;
                }
                // A gap that nothing left can use is as good as filled, and counts against the piece that makes it.
                $used = ($l + $this->gaps->lost($gapX)) * ($w + $this->gaps->lost($gapY)) * ($h + $this->gaps->lost($gapZ));
                $snug = ($gapX < $least ? 1 : 0) + ($gapY < $least ? 1 : 0) + ($gapZ < $least ? 1 : 0);
                $scores[] = $kind->weight * ($kind->volume / $used) ** $this->care->waste * (1 + $this->care->snug * $snug) * $this->shaken();
                $offers[] = [$key, $turn];
            }
        }
        for ($tried = 0; $tried < self::TRIED && $scores !== []; $tried++) {
            $at = (int) array_search(max($scores), $scores, true);
            [$key, $turn] = $offers[$at];
            $block = $this->placed($space, $kinds[$key]->poses[$turn]);
            if ($block !== null && $this->isCarried($block)) {
                return [$key, $block, $kinds[$key]->poses[$turn][3]];
            }
            unset($scores[$at]);
        }

        return null;
    }

    /**
     * In the corner of the space that is nearest a corner of the box, drawn in where the wall slants.
     *
     * @param  array{int, int, int, int, int, int}  $space
     * @param  array{int, int, int, How}  $pose
     * @return array{int, int, int, int, int, int}|null
     */
    private function placed(array $space, array $pose): ?array
    {
        [$x1, $y1, $z1, $x2, $y2] = $space;
        [$l, $w, $h] = $pose;
        if (! $this->box->isStraight()) {
            $free = $this->box->freeBetween($z1, $h);
            [$x1, $y1, $x2, $y2] = [max($x1, $free[0]), max($y1, $free[1]), min($x2, $free[2]), min($y2, $free[3])];
            if ($x2 - $x1 < $l || $y2 - $y1 < $w) {
                return null;
            }
        }
        $x = $x1 <= $this->box->topLength - $x2 ? $x1 : $x2 - $l;
        $y = $y1 < $this->box->topWidth - $y2 ? $y1 : $y2 - $w;

        return [$x, $y, $z1, $x + $l, $y + $w, $z1 + $h];
    }

    /** @param array{int, int, int, int, int, int} $block */
    private function isCarried(array $block): bool
    {
        if ($block[2] === 0) {
            return true;
        }
        $asked = Pile::CARRIED * ($block[3] - $block[0]) * ($block[4] - $block[1]);
        foreach ($this->blocks as $under) {
            // Only what it touches counts: such tops lie beside one another, so that no place is counted twice.
            if ($under[5] === $block[2]) {
                $x = min($under[3], $block[3]) - max($under[0], $block[0]);
                $y = min($under[4], $block[4]) - max($under[1], $block[1]);
                $asked -= $x > 0 && $y > 0 ? $x * $y : 0;
            }
        }

        return $asked <= 0;
    }

    /** A little chance, the same for the same seed. */
    private function shaken(): float
    {
        if ($this->care->chance === 0.0) {
            return 1.0;
        }
        $this->chance = ($this->chance * 1_103_515_245 + 12_345) & 0x7FFFFFFF;

        return 1.0 + $this->care->chance * ($this->chance / 0x7FFFFFFF - 0.5);
    }
}
