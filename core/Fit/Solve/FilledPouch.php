<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Measure\Size;

/**
 * What a pouch becomes with things in it: a block round them, no smaller than its own cloth can be folded. Several
 * such blocks, flat ones and thick ones, so that one of them suits where the pouch is to lie.
 */
final readonly class FilledPouch
{
    /** A pouch is filled in so many ways until all of it is in. */
    private const WAYS = 6;

    /** And at another thickness, once all of it is in at one: what does not go in soon mostly does not. */
    private const WAYS_THEN = 2;

    /** It is tried as many times as thick as the thinnest that all in it lies flat in. */
    private const THICKNESSES = [1.0, 1.5, 2.5, 4.0];

    /** And where not all of it goes in at any of those, at these until it does. */
    private const FURTHER = [2.0, 3.0, 3.5, 4.5, 5.0, 5.5, 6.0, 6.5];

    /** How much narrower or shorter it is tried next, once all is in: by much, and where that is too much, by less. */
    private const CLOSER = [0.6, 0.8];

    /** A side is much less where it is by so much, in tenths of a millimetre. */
    private const MUCH = 50;

    /** So many blocks are kept, those that take least room first. */
    private const BLOCKS = 8;

    public function __construct(private FilledHollow $hollows, private int $seed) {}

    /**
     * @param  non-empty-list<Item>  $items  what is to go in
     * @return list<array{Size, list<Placement>}> blocks with the most of it in, and where it lies in its own measures;
     *     the smallest first, none where nothing goes in
     */
    public function blocks(Item $pouch, array $items): array
    {
        $blocks = $fullest = [];
        foreach ($this->fillings($pouch, $items) as $placed) {
            if (count($placed) > count($fullest)) {
                [$fullest, $blocks] = [$placed, []];
            }
            // Where not all of it goes in, what does is the same in every block.
            $isAlike = $placed !== [] && ($placed === $fullest || count($placed) === count($items));
            foreach ($isAlike ? self::around($pouch, self::reach($placed)) : [] as $size) {
                $blocks[implode('x', $size->sides())] ??= [$size, array_map(
                    static fn (Placement $one): Placement => new Placement(
                        $one->id, 1, $pouch->id, How::Nested, 0.0, $one->parts,
                    ),
                    $placed,
                )];
            }
        }
        $blocks = array_values($blocks);
        usort($blocks, static fn (array $one, array $other): int => $one[0]->volume() <=> $other[0]->volume());
        $kept = [];
        foreach ($blocks as $block) {
            if (! self::isNoBetter($block[0], array_column($kept, 0))) {
                $kept[] = $block;
            }
        }

        return array_slice($kept, 0, self::BLOCKS);
    }

    /**
     * Determine if a block goes hardly anywhere where one of the others does not: none of its sides is much less.
     *
     * @param  list<Size>  $others
     */
    private static function isNoBetter(Size $block, array $others): bool
    {
        foreach ($others as $other) {
            $less = array_map(
                static fn (int $own, int $that): int => $that - $own,
                $block->sides(),
                $other->sides(),
            );
            if (max($less) < self::MUCH) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  non-empty-list<Item>  $items
     * @return iterable<list<Placement>>
     */
    private function fillings(Item $pouch, array $items): iterable
    {
        $repertoire = new Repertoire($items);
        [$long, $broad] = $pouch->size->sides();
        $thinnest = max(array_map(
            static fn (Item $item): int => $item->form->keepsItsSides() ? $item->size->sides()[2] : $item->leastSide(),
            $items,
        ));
        $isAllIn = false;
        foreach ([...self::THICKNESSES, ...self::FURTHER] as $at => $times) {
            if ($isAllIn && $at >= count(self::THICKNESSES)) {
                return;
            }
            $thickness = (int) round($thinnest * $times);
            // A pouch of that girth goes round it.
            $room = [$long - $thickness, $broad - $thickness, $thickness];
            if (min($room) <= 0) {
                continue;
            }
            $placed = $this->filled($repertoire, $room, count($items), $isAllIn ? self::WAYS_THEN : self::WAYS);
            yield $placed;
            $goesIn = count($placed) === count($items);
            $isAllIn = $isAllIn || $goesIn;
            if ($goesIn && self::isLoose($pouch, $placed)) {
                yield $this->closer($repertoire, $room, $placed);
            }
        }
    }

    /**
     * Determine if a block round all of it takes more room than the pouch itself does, folded.
     *
     * @param  list<Placement>  $placed
     */
    private static function isLoose(Item $pouch, array $placed): bool
    {
        return array_product(self::reach($placed)) > $pouch->leastVolume();
    }

    /**
     * The pouch drawn closer round all that is in it, as long as it stays in: narrower first, then shorter.
     *
     * @param  array{int, int, int}  $room
     * @param  list<Placement>  $placed
     * @return list<Placement>
     */
    private function closer(Repertoire $repertoire, array $room, array $placed): array
    {
        foreach ([1, 0] as $axis) {
            foreach (self::CLOSER as $share) {
                do {
                    $room[$axis] = (int) ($share * self::reach($placed)[$axis]);
                    $closer = $this->filled($repertoire, $room, count($placed), 1);
                    $goesIn = count($closer) === count($placed);
                    $placed = $goesIn ? $closer : $placed;
                } while ($goesIn);
            }
            $room[$axis] = self::reach($placed)[$axis];
        }

        return $placed;
    }

    /**
     * @param  array{int, int, int}  $room
     * @return list<Placement> the most that go into a block of so many
     */
    private function filled(Repertoire $repertoire, array $room, int $many, int $ways): array
    {
        $block = BoxShape::straight('pouch', $room[0], $room[1], $room[2], 0);
        $best = [];
        for ($way = 0; $way < $ways && count($best) < $many; $way++) {
            $placed = $this->hollows->block($block, $repertoire, $way, $this->seed);
            $best = count($placed) > count($best) ? $placed : $best;
        }

        return $best;
    }

    /**
     * The blocks that a pouch may become round what is in it: where its own cloth takes more, longer, broader or
     * thicker by as much.
     *
     * @param  array{int, int, int}  $block  round what is in it
     * @return non-empty-list<Size> the thicker one first
     */
    public static function around(Item $pouch, array $block): array
    {
        $wall = $pouch->cavity->wall ?? 0;
        $sides = array_map(
            static fn (int $side): int => max($side + 2 * $wall, $pouch->leastSide()),
            $block,
        );
        rsort($sides);
        $blocks = [];
        foreach ([2, 1, 0] as $axis) {
            $others = intdiv($sides[0] * $sides[1] * $sides[2], $sides[$axis]);
            $made = $sides;
            $made[$axis] = max($sides[$axis], (int) ceil($pouch->leastVolume() / $others));
            $blocks[] = new Size(...$made);
        }

        return $blocks;
    }

    /**
     * @param  list<Placement>  $placed
     * @return array{int, int, int} how far they reach along each axis
     */
    private static function reach(array $placed): array
    {
        $reach = [0, 0, 0];
        foreach ($placed as $placement) {
            $part = $placement->parts[0];
            $reach = [
                max($reach[0], $part->x + $part->l), max($reach[1], $part->y + $part->w), max($reach[2], $part->top()),
            ];
        }

        return $reach;
    }
}
