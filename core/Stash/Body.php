<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

use PluckyWren\Core\Fit\Drawing\Look;
use PluckyWren\Core\Measure\Size;

/** What a kind of thing is as a solid: how large and heavy it usually is, its shape, and what comes off it. */
final readonly class Body
{
    /**
     * @param  int|null  $grams  what one weighs, an estimate; null where nobody knows
     * @param  LoosePart|null  $smallest  the smallest part that comes loose or off
     * @param  int|null  $cordTenths  its longest cord, in tenths of a millimetre; null where it has none or nobody
     *     knows
     * @param  Look|null  $look  what it is drawn as; null where its form says enough
     * @param  string|null  $glyph  the name of its own small drawing; null where its lane's will do
     */
    public function __construct(
        public Size $size,
        public Shape $shape = Shape::Block,
        public ?int $grams = null,
        public ?LoosePart $smallest = null,
        public ?int $cordTenths = null,
        public ?Look $look = null,
        public ?string $glyph = null,
    ) {}
}
