<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

/** An empty block in the box, as large as it can be, in tenths of a millimetre. */
final readonly class Space
{
    public function __construct(
        public int $x1,
        public int $y1,
        public int $z1,
        public int $x2,
        public int $y2,
        public int $z2,
    ) {}

    public function meets(self $that): bool
    {
        return $this->x1 < $that->x2 && $that->x1 < $this->x2
            && $this->y1 < $that->y2 && $that->y1 < $this->y2
            && $this->z1 < $that->z2 && $that->z1 < $this->z2;
    }

    public function holds(self $that): bool
    {
        return $this->x1 <= $that->x1 && $this->y1 <= $that->y1 && $this->z1 <= $that->z1
            && $this->x2 >= $that->x2 && $this->y2 >= $that->y2 && $this->z2 >= $that->z2;
    }

    /**
     * The largest blocks that are left of it once $taken is filled.
     *
     * @return list<self>
     */
    public function without(self $taken): array
    {
        $left = [];
        if ($taken->x1 > $this->x1) {
            $left[] = new self($this->x1, $this->y1, $this->z1, $taken->x1, $this->y2, $this->z2);
        }
        if ($taken->x2 < $this->x2) {
            $left[] = new self($taken->x2, $this->y1, $this->z1, $this->x2, $this->y2, $this->z2);
        }
        if ($taken->y1 > $this->y1) {
            $left[] = new self($this->x1, $this->y1, $this->z1, $this->x2, $taken->y1, $this->z2);
        }
        if ($taken->y2 < $this->y2) {
            $left[] = new self($this->x1, $taken->y2, $this->z1, $this->x2, $this->y2, $this->z2);
        }
        if ($taken->z1 > $this->z1) {
            $left[] = new self($this->x1, $this->y1, $this->z1, $this->x2, $this->y2, $taken->z1);
        }
        if ($taken->z2 < $this->z2) {
            $left[] = new self($this->x1, $this->y1, $taken->z2, $this->x2, $this->y2, $this->z2);
        }

        return $left;
    }
}
