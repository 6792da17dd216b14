<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\Item;

/**
 * The blocks that cloth can be folded to and loose pieces poured to, so that they fill a space: on its floor, or
 * against one of its walls.
 */
final class Heaps
{
    /**
     * @param  bool  $isHeld  whether walls hold it up, so that a roll may stand higher than it is broad
     * @param  bool  $isTight  whether it is pressed as far as it goes, however much room there is
     * @return list<array{int, int, int}> in tenths of a millimetre
     */
    public static function in(
        Item $item,
        int $long,
        int $broad,
        int $high,
        bool $isHeld = false,
        bool $isTight = false,
    ): array {
        $volume = (int) ceil($item->leastVolume());
        $least = $item->leastSide();
        if ($item->form === Form::Cloth) {
            // A fold is no longer than the thing itself.
            $longest = $item->size->sides()[0];
            [$long, $broad, $high] = [min($long, $longest), min($broad, $longest), min($high, $longest)];
        }
        if (min($long, $broad, $high) < $least || $long * $broad * $high < $volume) {
            return [];
        }
        if (! $isHeld && ! $isTight) {
            // Given all the room there is, it takes no more than it takes at rest; what is stuffed into a bottle leaves
            // room for the next.
            $volume = max($volume, min((int) ceil($item->size->volume()), $long * $broad * $high));
        }
        $blocks = [];
        foreach ([[0, 1, 2], [1, 2, 0], [0, 2, 1]] as [$one, $other, $given]) {
            $block = [$long, $broad, $high];
            $thick = (int) ceil($volume / ($block[$one] * $block[$other]));
            if ($thick < $least) {
                $thick = $least;
                // Too little to cover it all: it keeps the shorter side, and is drawn in along the longer.
                $along = $block[$one] >= $block[$other] ? $one : $other;
                $across = $along === $one ? $other : $one;
                $block[$along] = max($least, (int) ceil($volume / ($thick * $block[$across])));
            }
            if ($thick > $block[$given]) {
                continue;
            }
            $block[$given] = $thick;
            if ($isHeld || $item->form !== Form::Cloth || $block[2] <= max($block[0], $block[1])) {
                $blocks[] = $block;
            }
        }

        return $blocks;
    }
}
