<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

/** What one space-first construction cares for; several are tried in turn. */
final readonly class SpaceCare
{
    /**
     * @param  float  $level  how much sooner a low space is filled than a high one
     * @param  float  $size  for large pieces
     * @param  float  $waste  against gaps that nothing left can use
     * @param  float  $snug  for sides that fill the space
     * @param  float  $chance  how much is left to chance
     */
    private function __construct(public float $level, public float $size, public float $waste, public float $snug, public float $chance) {}

    public static function number(int $construction): self
    {
        $chance = $construction < 6 ? 0.0 : 0.15;

        return match ($construction % 6) {
            0 => new self(0.3, 0.3, 3.0, 2.0, $chance),
            1 => new self(0.3, 0.3, 1.0, 2.0, $chance),
            2 => new self(1.0, 0.5, 3.0, 2.0, $chance),
            3 => new self(0.3, 0.3, 3.0, 0.5, $chance),
            4 => new self(0.3, 0.6, 6.0, 1.0, $chance),
            default => new self(3.0, 1.0, 1.0, 0.5, $chance),
        };
    }
}
