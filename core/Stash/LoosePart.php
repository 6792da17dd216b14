<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

use PluckyWren\Core\Measure\Size;

/** The smallest part of a thing that comes loose, or off. */
final readonly class LoosePart
{
    public function __construct(public Size $size, public Shape $shape) {}
}
