<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit;

/** A block in the box, in tenths of a millimetre; where its placement has an angle, as it was before turning. */
final readonly class Part
{
    public function __construct(
        public int $x,
        public int $y,
        public int $z,
        public int $l,
        public int $w,
        public int $h,
    ) {}

    public function top(): int
    {
        return $this->z + $this->h;
    }

    public function volume(): int
    {
        return $this->l * $this->w * $this->h;
    }
}
