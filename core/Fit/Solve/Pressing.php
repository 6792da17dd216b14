<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\RestHeights;

/** A soft piece brought into a space that is smaller than it is at rest, along as many axes as it takes. */
final class Pressing
{
    /** Lengths that differ by more, in tenths of a millimetre, are told apart by everyone. */
    private const TOLD_APART = 6;

    /**
     * @param  int  $l  of the piece as it is turned, at rest, in tenths of a millimetre
     * @param  int  $long  of the space
     * @return array{int, int, int}|null null where it does not give so much, or where it could be taken for one that
     *     is pressed another way
     */
    public static function into(int $l, int $w, int $h, int $long, int $broad, int $high, Item $item): ?array
    {
        $block = [min($l, $long), min($w, $broad), min($h, $high)];
        $squeeze = $item->squeeze;
        if (
            $block[0] < $squeeze * $l
                || $block[1] < $squeeze * $w
                || $block[2] < $squeeze * $h
                || $squeeze * $l * $w * $h > $block[0] * $block[1] * $block[2]
        ) {
            return null;
        }

        return self::isAmbiguous($block, $item) ? null : $block;
    }

    /** @param array{int, int, int} $block */
    private static function isAmbiguous(array $block, Item $item): bool
    {
        $exactly = RestHeights::softRests($block[0], $block[1], $block[2], $item);
        $loosely = RestHeights::softRests($block[0], $block[1], $block[2], $item, self::TOLD_APART);
        if ($exactly === [] || $exactly[0][1] !== $loosely[0][1]) {
            return true;
        }

        // With a footprint of its own there is no doubt; else the fewest pressed must be the lowest at once.
        return $exactly[0][0] > 0 && $exactly[0][1] !== min(array_column($loosely, 1));
    }
}
