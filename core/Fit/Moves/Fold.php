<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Moves;

use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Part;

/** How something that folds is brought to the block it takes, as people say it. The thresholds are by eye. */
enum Fold: string
{
    case AsItIs = 'as-it-is';
    case Once = 'once';
    case InThree = 'in-three';
    case Twice = 'twice';
    case Small = 'small';
    case Rolled = 'rolled';

    public static function to(Part $block, Item $item): self
    {
        [$long, $broad] = $item->size->sides();
        $sides = [$block->l, $block->w, $block->h];
        rsort($sides);
        if ($sides[1] <= 1.5 * $sides[2] && $sides[0] >= 1.8 * $sides[1]) {
            return self::Rolled;
        }
        $times = $long * $broad / ($sides[0] * $sides[1]);

        return match (true) {
            $times < 1.4 => self::AsItIs,
            $times < 2.5 => self::Once,
            $times < 3.5 => self::InThree,
            $times < 5.5 => self::Twice,
            default => self::Small,
        };
    }
}
