<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

use PluckyWren\Core\Measure\Size;

/** How large a thing is as it goes into a box. */
final readonly class Measures
{
    /** @param bool $areTaken whether somebody measured this one; else they are what its kind usually has */
    public function __construct(
        public Size $size,
        public bool $areTaken = false,
        public Packaging $packaging = Packaging::None,
    ) {}
}
