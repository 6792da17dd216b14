<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit;

/** A packing: what went where, in which order, what stayed out, and how the lid closes. */
final readonly class Result
{
    /**
     * @param  list<Placement>  $placements  by step
     * @param  list<LeftOut>  $leftOut
     * @param  Closure|null  $closure  null only where a file does not say
     * @param  float|null  $fill  volume of what is not nested by the room up to the rim
     */
    public function __construct(
        public array $placements,
        public array $leftOut,
        public ?Closure $closure = null,
        public ?float $fill = null,
        public int $seed = 1,
        public int $attempts = 0,
    ) {}

    public function packsAll(): bool
    {
        return $this->leftOut === [];
    }
}
