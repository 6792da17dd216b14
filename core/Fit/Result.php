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

    /**
     * The volume of what is not nested by the room up to the rim.
     *
     * @param  list<Placement>  $placements
     */
    public static function fillOf(BoxShape $box, array $placements): float
    {
        $volume = 0;
        foreach ($placements as $placement) {
            $volume += $placement->isNested()
                ? 0
                : array_sum(array_map(static fn (Part $part): int => $part->volume(), $placement->parts));
        }

        return round($volume / $box->volume(), 2);
    }
}
