<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send\Trip;

/** Where a box stands in its layer, seen from above; all in tenths of a millimetre. */
final readonly class CartonPlace
{
    public function __construct(
        public CartonBox $box,
        public int $x,
        public int $y,
        public int $length,
        public int $width,
    ) {}

    public function overlaps(self $other): bool
    {
        return $this->x < $other->x + $other->length && $other->x < $this->x + $this->length
            && $this->y < $other->y + $other->width && $other->y < $this->y + $this->width;
    }
}
