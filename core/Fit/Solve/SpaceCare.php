<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

/** What one space-first attempt cares for; several are tried in turn. */
final readonly class SpaceCare
{
    /**
     * @param  float  $level  how much sooner a low space is filled than a high one
     * @param  float  $size  for large pieces
     * @param  float  $waste  against gaps that nothing left can use
     * @param  float  $snug  for sides that fill the space
     * @param  float  $chance  how much is left to chance
     * @param  bool  $heapsEarly  whether what folds and pours is placed along with the rest, or fills what is left
     * @param  float  $heapWeight  how much sooner it is placed then
     */
    private function __construct(
        public float $level,
        public float $size,
        public float $waste,
        public float $snug,
        public float $chance,
        public bool $heapsEarly,
        public float $heapWeight,
    ) {}

    /** In a box. */
    public static function number(int $attempt): self
    {
        return self::of($attempt, [0.3, 0.6, 6.0, 2.0], $attempt % 12 === 11);
    }

    /** In a hollow, where what is large goes to the bottom in one of them: all of what is to be in there has to be. */
    public static function inHollow(int $attempt): self
    {
        return self::of($attempt, [3.0, 1.0, 1.0, 0.5], $attempt % 3 === 2);
    }

    /** @param array{float, float, float, float} $sixth */
    private static function of(int $attempt, array $sixth, bool $heapsEarly): self
    {
        $chance = $attempt < 6 ? 0.0 : 0.15;
        [$level, $size, $waste, $snug] = match ($attempt % 6) {
            0 => [0.3, 0.3, 3.0, 2.0],
            1 => [0.3, 0.3, 1.0, 2.0],
            2 => [1.0, 0.5, 3.0, 2.0],
            3 => [0.3, 0.3, 3.0, 0.5],
            4 => [0.3, 0.6, 6.0, 1.0],
            default => $sixth,
        };

        return new self($level, $size, $waste, $snug, $chance, $heapsEarly, 0.3);
    }
}
