<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Drawing;

use PluckyWren\Core\Fit\Part;

/** Which way a thing with a neck or an opening faces, as it is drawn: up, to the right, or to the front. */
enum Facing: string
{
    case Up = 'up';
    case Right = 'right';
    case Front = 'front';

    /** Of a bottle along its length; of anything else round, along the side that is unlike the other two. */
    public static function of(Look $look, Part $block): self
    {
        [$l, $w, $h] = [$block->l, $block->w, $block->h];
        $unlike = $look === Look::Bottle ? [-$l, -$w, -$h] : [abs($w - $h), abs($l - $h), abs($l - $w)];

        return [self::Right, self::Front, self::Up][(int) array_search(min($unlike), $unlike, true)];
    }
}
