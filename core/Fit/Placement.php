<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit;

/** Where one piece went, and when. */
final readonly class Placement
{
    /**
     * @param  int  $step  the order of packing, from 1
     * @param  string|null  $in  the id of the piece that holds it
     * @param  float  $angle  degrees, anticlockwise seen from above, about the part's own vertical centre line
     * @param  non-empty-list<Part>  $parts  one, or two where it is bent up a wall
     */
    public function __construct(
        public string $id,
        public int $step,
        public ?string $in,
        public How $how,
        public float $angle,
        public array $parts,
    ) {}

    public function withStep(int $step): self
    {
        return new self($this->id, $step, $this->in, $this->how, $this->angle, $this->parts);
    }

    /** Determine if any of it lies over some of another, on it or higher. */
    public function isOver(self $that): bool
    {
        foreach ($this->parts as $part) {
            foreach ($that->parts as $under) {
                if ($part->isOver($under)) {
                    return true;
                }
            }
        }

        return false;
    }

    public function isNested(): bool
    {
        return $this->in !== null;
    }
}
