<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

/** What one attempt cares for when it chooses a place; several are tried in turn. */
final readonly class Weighting
{
    /**
     * @param  float  $level  against lying high
     * @param  float  $height  against standing tall
     * @param  float  $gap  against a narrow gap beside it
     * @param  float  $hang  against being carried in part
     */
    private function __construct(public float $level, public float $height, public float $gap, public float $hang) {}

    /** On top of other things rather than on the floor, though the lid should have to give for it. */
    public static function onTop(): self
    {
        return new self(-100.0, 0.0, 0.3, 200.0);
    }

    public static function number(int $attempt): self
    {
        return match ($attempt % 5) {
            0 => new self(2.0, 1.0, 1.0, 300.0),
            1 => new self(1.0, 1.0, 0.3, 200.0),
            2 => new self(1.0, 0.0, 2.0, 200.0),
            3 => new self(3.0, 0.4, 0.5, 100.0),
            default => new self(1.0, 0.2, 1.0, 600.0),
        };
    }
}
