<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit;

use PluckyWren\Core\Measure\Size;

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

    /** The hollow of what is filled: nothing more goes in, and what holds something goes into nothing itself. */
    public static function closed(): self
    {
        return self::block(0, 0, 0);
    }

    public function isClosed(): bool
    {
        return ! $this->soft && $this->height === 0;
    }

    /** The volume of the block around it, in thousandths of a mm³; 0 for what takes the shape of its contents. */
    public function room(): int
    {
        return $this->length * $this->width * $this->height;
    }

    /**
     * The hollow of a thing that is like another, but of another size: each side of it is as much longer or shorter as
     * the side of the thing that is next to it in length.
     */
    public function grown(Size $usual, Size $size): self
    {
        if ($this->soft || $usual->sides() === $size->sides()) {
            return $this;
        }
        $ratios = array_map(
            static fn (int $own, int $other): float => $own / $other,
            $size->sides(),
            $usual->sides(),
        );
        if ($this->round) {
            // Its depth goes along the odd side out, its width across the two that are like each other.
            [$long, $middle, $short] = $usual->sides();
            $isDeep = $long - $middle >= $middle - $short;
            [$deep, $across] = $isDeep
                ? [$ratios[0], min($ratios[1], $ratios[2])]
                : [$ratios[2], min($ratios[0], $ratios[1])];

            return self::cylinder(
                (int) floor($this->length * $across),
                (int) floor($this->height * $deep),
                array_map(static fn (int $mouth): int => (int) floor($mouth * $across), $this->mouth),
            );
        }
        $sides = ['length' => $this->length, 'width' => $this->width, 'height' => $this->height];
        arsort($sides);
        foreach (array_keys($sides) as $rank => $side) {
            $sides[$side] = (int) floor($sides[$side] * $ratios[$rank]);
        }

        return self::block(
            $sides['length'],
            $sides['width'],
            $sides['height'],
            array_map(static fn (int $mouth): int => (int) floor($mouth * min($ratios)), $this->mouth),
        );
    }
}
