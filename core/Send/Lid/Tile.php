<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send\Lid;

/** A part of a picture that is printed on one sheet; all in tenths of a millimetre of the picture. */
final readonly class Tile
{
    public function __construct(public int $x, public int $y, public int $width, public int $height) {}
}
