<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Packing;

/** Where whoever packs a box wants a piece to lie; the values are kept with the piece and in box files. */
enum Lies: string
{
    case Top = 'top';
    case Bottom = 'bottom';
    case Left = 'left';
    case Right = 'right';
    case Front = 'front';
    case Back = 'back';
}
