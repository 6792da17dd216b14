<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Answer;

use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Measure\Size;

/**
 * How sure it is that everything goes in, as measures are never exact: the packing is tried again over a spread of
 * them.
 */
final readonly class HowSure
{
    public const TRIES = 20;

    /** By how much a kind's usual measure may be off, as a share. An estimate. */
    private const USUAL = 0.10;

    /** By how much a ruler at the table may be off, as a share. An estimate. */
    private const MEASURED = 0.02;

    public function __construct(private Trial $trial) {}

    /**
     * Determine if all goes in when the measures are off as in one try of many.
     *
     * @param  int  $number  of the try; the same number spreads the same measures in the same way
     */
    public function closes(Problem $problem, int $number): bool
    {
        $spread = new Problem(
            $problem->box,
            array_map(static fn (Item $item): Item => self::spread($item, $number), $problem->items),
            $problem->order,
        );

        return $this->trial->of($spread)->packsAll();
    }

    /**
     * The piece not measured by hand that was largest when it did not go in and smallest when it did; null where all
     * tries agree, or all is measured.
     *
     * @param  list<bool>  $closed  by the number of the try, from 1
     */
    public static function settledBy(Problem $problem, array $closed): ?Item
    {
        $closing = array_keys(array_filter($closed));
        $open = array_keys(array_filter($closed, static fn (bool $one): bool => ! $one));
        if ($closing === [] || $open === []) {
            return null;
        }
        $most = 0.0;
        $settles = null;
        foreach ($problem->items as $item) {
            $difference = $item->measured ? 0.0 : self::larger($item, $open, $closing);
            if ($difference > $most) {
                [$most, $settles] = [$difference, $item];
            }
        }

        return $settles;
    }

    /**
     * By how much its sides were longer in some tries than in others, in tenths of a millimetre; a side that was
     * shorter says nothing.
     *
     * @param  non-empty-list<int>  $open  tries by their place, from 0
     * @param  non-empty-list<int>  $closing
     */
    private static function larger(Item $item, array $open, array $closing): float
    {
        $longer = 0.0;
        foreach ([0, 1, 2] as $axis) {
            $longer += max(0.0, self::mean($item, $open, $axis) - self::mean($item, $closing, $axis));
        }

        return $longer;
    }

    /** @param non-empty-list<int> $tries */
    private static function mean(Item $item, array $tries, int $axis): float
    {
        return array_sum(
            array_map(static fn (int $at): int => self::sides(self::spread($item, $at + 1)->size)[$axis], $tries),
        ) / count($tries);
    }

    /** @return array{int, int, int} */
    private static function sides(Size $size): array
    {
        return [$size->length, $size->width, $size->height];
    }

    private static function spread(Item $item, int $number): Item
    {
        $most = $item->measured ? self::MEASURED : self::USUAL;
        $sides = [];
        foreach (self::sides($item->size) as $axis => $side) {
            $chance = crc32("{$number}/{$item->id}/{$axis}") / 0xFFFFFFFF;
            $sides[] = max(1, (int) round($side * (1 + $most * (2 * $chance - 1))));
        }

        return $item->sized(new Size(...$sides));
    }
}
