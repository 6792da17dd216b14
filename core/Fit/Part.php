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

    /** @param array{int, int, int, int, int, int} $corners x1, y1, z1, x2, y2, z2 */
    public static function between(array $corners): self
    {
        [$x1, $y1, $z1, $x2, $y2, $z2] = $corners;

        return new self($x1, $y1, $z1, $x2 - $x1, $y2 - $y1, $z2 - $z1);
    }

    /** @return array{int, int, int, int, int, int} x1, y1, z1, x2, y2, z2 */
    public function corners(): array
    {
        return [$this->x, $this->y, $this->z, $this->x + $this->l, $this->y + $this->w, $this->top()];
    }

    public function top(): int
    {
        return $this->z + $this->h;
    }

    /** Determine if it lies over some of another, on it or higher. */
    public function isOver(self $that): bool
    {
        return $this->z >= $that->top()
            && $this->x < $that->x + $that->l && $that->x < $this->x + $this->l
            && $this->y < $that->y + $that->w && $that->y < $this->y + $this->w;
    }

    public function volume(): int
    {
        return $this->l * $this->w * $this->h;
    }
}
