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
 * suits it best, so that what is left beside it can still be used. Plain numbers throughout, as this is where the time goes;
 * a space and a block are [x1, y1, z1, x2, y2, z2] in tenths of a millimetre.
 */
final class SpaceFirst
{
    /** A piece is carried by so much of its underside at least; a little more than the model asks. */
    private const CARRIED = 0.32;

    /** So many of the best pieces for a space are tried before the space is given up. */
    private const TRIED = 8;

    /** How many placements the reckoning of usable gaps is good for. */
    private const RECKONED_EVERY = 6;

    /** A wider gap, in tenths of a millimetre, can be used one way or another. */
    private const NARROW = 800;

    /** @var list<array{int, int, int, int, int, int}> */
    private array $spaces;

    /** @var list<array{int, int, int, int, int, int}> */
    private array $blocks = [];

    private int $chance;

    /** @var array{int, int, int} the least longest, middle and shortest side of the pieces that are left */
    private array $smallest = [0, 0, 0];

    /** @var list<int> by a gap, how much of it the pieces that are left can fill */
    private array $usable = [];

    /**
     * @param  array<string, float>  $priorities  above 1 for what stayed out before, by the item's id
     */
    public function __construct(private readonly BoxShape $box, private readonly SpaceCare $care, private readonly array $priorities, int $seed)
    {
        $this->spaces = [[0, 0, 0, $box->topLength, $box->topWidth, $box->height]];
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
        while ($kinds !== [] && $this->spaces !== []) {
            if (count($placements) % self::RECKONED_EVERY === 0) {
                $this->reckonUsable($kinds);
            }
            $at = $this->nearestCorner();
            $chosen = $this->best($this->spaces[$at], $kinds);
            if ($chosen === null) {
                // What goes in here now goes in here later neither.
                array_splice($this->spaces, $at, 1);

                continue;
            }
            [$key, $block, $how] = $chosen;
            $item = $kinds[$key]->take();
            if ($kinds[$key]->left() === []) {
                unset($kinds[$key]);
            }
            if ($item === null) {
                continue;
            }
            $placements[] = new Placement($item->id, 1, null, $how, 0.0, [new Part($block[0], $block[1], $block[2], $block[3] - $block[0], $block[4] - $block[1], $block[5] - $block[2])]);
            $this->blocks[] = $block;
            $this->take($block);
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
                $item->size->volume() ** $this->care->size * $priority * ($item->must ? 1.5 : 1.0) * $item->value ** 0.25,
            );
            $kinds[$key]->add($item);
        }

        return $kinds;
    }

    /**
     * How much of a gap one or two of the pieces that are left fill, for every gap.
     *
     * @param  non-empty-array<string, AlikePieces>  $kinds
     */
    private function reckonUsable(array $kinds): void
    {
        $sides = [];
        foreach ($kinds as $kind) {
            foreach ($kind->poses as [$l, $w, $h]) {
                foreach ([$l, $w, $h] as $side) {
                    if ($side <= self::NARROW) {
                        $sides[$side] = true;
                    }
                }
            }
        }
        $sides = array_keys($sides);
        $fills = array_fill(0, self::NARROW + 1, 0);
        foreach ($sides as $at => $one) {
            $fills[$one] = $one;
            for ($other = $at; $other < count($sides); $other++) {
                $both = $one + $sides[$other];
                if ($both <= self::NARROW) {
                    $fills[$both] = $both;
                }
            }
        }
        $this->smallest = [
            min(array_map(static fn (AlikePieces $alike): int => $alike->longest, $kinds)),
            min(array_map(static fn (AlikePieces $alike): int => $alike->middle, $kinds)),
            min(array_map(static fn (AlikePieces $alike): int => $alike->shortest, $kinds)),
        ];
        $this->usable = [];
        $usable = 0;
        foreach ($fills as $fill) {
            $usable = max($usable, $fill);
            $this->usable[] = $usable;
        }
    }

    /** The space whose own corner lies nearest a bottom corner of the box. */
    private function nearestCorner(): int
    {
        $best = 0;
        $least = INF;
        foreach ($this->spaces as $at => [$x1, $y1, $z1, $x2, $y2]) {
            $distance = $this->care->level * $z1 + min($x1, $this->box->topLength - $x2) + min($y1, $this->box->topWidth - $y2);
            if ($distance < $least) {
                [$best, $least] = [$at, $distance];
            }
        }

        return $best;
    }

    /**
     * @param  array{int, int, int, int, int, int}  $space
     * @param  non-empty-array<string, AlikePieces>  $kinds
     * @return array{string, array{int, int, int, int, int, int}, How}|null
     */
    private function best(array $space, array $kinds): ?array
    {
        [$x1, $y1, $z1, $x2, $y2, $z2] = $space;
        [$long, $broad, $high] = [$x2 - $x1, $y2 - $y1, $z2 - $z1];
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
                $used = ($l + ($gapX > self::NARROW ? 0 : $gapX - $this->usable[$gapX])) * ($w + ($gapY > self::NARROW ? 0 : $gapY - $this->usable[$gapY])) * ($h + ($gapZ > self::NARROW ? 0 : $gapZ - $this->usable[$gapZ]));
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
        $asked = self::CARRIED * ($block[3] - $block[0]) * ($block[4] - $block[1]);
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

    /** @param array{int, int, int, int, int, int} $taken */
    private function take(array $taken): void
    {
        [$a1, $b1, $c1, $a2, $b2, $c2] = $taken;
        $kept = $new = [];
        foreach ($this->spaces as $space) {
            [$x1, $y1, $z1, $x2, $y2, $z2] = $space;
            if ($x1 >= $a2 || $a1 >= $x2 || $y1 >= $b2 || $b1 >= $y2 || $z1 >= $c2 || $c1 >= $z2) {
                $kept[] = $space;

                continue;
            }
            if ($a1 > $x1) {
                $new[] = [$x1, $y1, $z1, $a1, $y2, $z2];
            }
            if ($a2 < $x2) {
                $new[] = [$a2, $y1, $z1, $x2, $y2, $z2];
            }
            if ($b1 > $y1) {
                $new[] = [$x1, $y1, $z1, $x2, $b1, $z2];
            }
            if ($b2 < $y2) {
                $new[] = [$x1, $b2, $z1, $x2, $y2, $z2];
            }
            if ($c1 > $z1) {
                $new[] = [$x1, $y1, $z1, $x2, $y2, $c1];
            }
            if ($c2 < $z2) {
                $new[] = [$x1, $y1, $c2, $x2, $y2, $z2];
            }
        }
        [$longest, $middle, $least] = $this->smallest;
        foreach ($new as $i => [$x1, $y1, $z1, $x2, $y2, $z2]) {
            $long = $x2 - $x1;
            $broad = $y2 - $y1;
            $high = $z2 - $z1;
            $shortest = min($long, $broad, $high);
            $most = max($long, $broad, $high);
            if ($shortest < $least || $most < $longest || $long + $broad + $high - $shortest - $most < $middle) {
                // It holds nothing that is left.
                unset($new[$i]);

                continue;
            }
            foreach ($kept as $k) {
                if ($k[0] <= $x1 && $k[1] <= $y1 && $k[2] <= $z1 && $k[3] >= $x2 && $k[4] >= $y2 && $k[5] >= $z2) {
                    continue 2;
                }
            }
            foreach ($new as $j => $k) {
                if ($i !== $j && $k[0] <= $x1 && $k[1] <= $y1 && $k[2] <= $z1 && $k[3] >= $x2 && $k[4] >= $y2 && $k[5] >= $z2 && ($j < $i || $k !== $new[$i])) {
                    continue 2;
                }
            }
            $kept[] = $new[$i];
        }
        $this->spaces = $kept;
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
