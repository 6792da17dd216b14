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
        $sides = [$block->l, $block->w, $block->h];
        $axis = $look === Look::Bottle ? Axis::longest($sides) : Axis::round($sides);

        return [self::Right, self::Front, self::Up][$axis];
    }
}
