<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send\Trip;

/** Boxes that stand beside each other; the next layer stands on the highest of them. */
final readonly class CartonLayer
{
    /**
     * @param  non-empty-list<CartonPlace>  $places
     */
    public function __construct(public array $places) {}

    /** Tenths of a millimetre. */
    public function height(): int
    {
        return max(array_map(static fn (CartonPlace $place): int => $place->box->outside->height, $this->places));
    }

    /** How much of the floor is covered, in square tenths of a millimetre. */
    public function area(): int
    {
        return array_sum(array_map(
            static fn (CartonPlace $place): int => $place->length * $place->width,
            $this->places,
        ));
    }
}
