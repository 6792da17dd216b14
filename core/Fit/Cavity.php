<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit;

/** The hollow of a piece that may hold others, in tenths of a millimetre: a block, a cylinder, or a soft pouch. */
final readonly class Cavity
{
    /** @param list<int> $mouth two sides, or one diameter where it is round; empty where nothing limits it */
    private function __construct(
        public int $length,
        public int $width,
        public int $height,
        public bool $round,
        public bool $soft,
        public int $wall,
        public array $mouth,
    ) {}

    /** @param list<int> $mouth */
    public static function block(int $length, int $width, int $height, array $mouth = []): self
    {
        return new self($length, $width, $height, false, false, 0, $mouth);
    }

    /** @param list<int> $mouth */
    public static function cylinder(int $diameter, int $height, array $mouth = []): self
    {
        return new self($diameter, $diameter, $height, true, false, 0, $mouth);
    }

    /** A soft pouch takes the shape of what it holds and adds its wall on every side. */
    public static function pouch(int $wall): self
    {
        return new self(0, 0, 0, false, true, $wall, []);
    }
}
