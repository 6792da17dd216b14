<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send\Map;

/** Boxes in one country, or in several that lie too close together on the map to bear marks of their own. */
final readonly class Mark
{
    /**
     * @param  non-empty-array<string, int>  $countries  how many boxes in each, by its two letters, most first
     * @param  int  $x  in the map's units, from the left
     * @param  int  $y  from the top
     */
    public function __construct(public array $countries, public int $x, public int $y) {}

    public function boxes(): int
    {
        return array_sum($this->countries);
    }

    /**
     * Of a circle whose area grows with the boxes; never too small to be seen, nor so large that it hides a continent.
     */
    public function radius(): int
    {
        return max(
            Marks::LEAST_RADIUS,
            min(Marks::MOST_RADIUS, (int) round(Marks::LEAST_RADIUS * $this->boxes() ** 0.4)),
        );
    }
}
