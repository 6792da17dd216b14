<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit;

/** The inside of a box, in tenths of a millimetre: the opening, the floor centred under it, the height to the rim. */
final readonly class BoxShape
{
    /** @param int $bulge how far the lid itself gives above the rim */
    public function __construct(
        public string $name,
        public int $topLength,
        public int $topWidth,
        public int $floorLength,
        public int $floorWidth,
        public int $height,
        public int $bulge,
    ) {}

    public static function straight(string $name, int $length, int $width, int $height, int $bulge): self
    {
        return new self($name, $length, $width, $length, $width, $height, $bulge);
    }

    /** The same with a lid that gives otherwise, in tenths of a millimetre. */
    public function giving(int $bulge): self
    {
        return new self(
            $this->name,
            $this->topLength,
            $this->topWidth,
            $this->floorLength,
            $this->floorWidth,
            $this->height,
            max(0, $bulge),
        );
    }

    /**
     * How far the side wall (length) and the front wall (width) stand in from the opening at a level.
     *
     * @return array{float, float} tenths of a millimetre; below zero where the box widens downwards
     */
    public function insetAt(float $z): array
    {
        $share = 1 - min(1.0, max(0.0, $z / $this->height));

        return [
            $share * ($this->topLength - $this->floorLength) / 2, $share * ($this->topWidth - $this->floorWidth) / 2,
        ];
    }

    /**
     * The rectangle that is free at every level from $z to $z + $height, rounded inwards.
     *
     * @return array{int, int, int, int} x and y of the near corner, x and y of the far corner
     */
    public function freeBetween(int $z, int $height): array
    {
        [$lowX, $lowY] = $this->insetAt($z);
        [$highX, $highY] = $this->insetAt($z + $height);
        $insetX = (int) ceil(max($lowX, $highX));
        $insetY = (int) ceil(max($lowY, $highY));

        return [$insetX, $insetY, $this->topLength - $insetX, $this->topWidth - $insetY];
    }

    /** Room up to the rim, in cubic tenths of a millimetre: a prismoid, so Simpson's rule is exact. */
    public function volume(): float
    {
        $middle = ($this->topLength + $this->floorLength) * ($this->topWidth + $this->floorWidth);

        return $this->height / 6 * (
            $this->topLength * $this->topWidth + $middle + $this->floorLength * $this->floorWidth
        );
    }

    /** The box above a level, as if its floor lay there; rounded inwards. */
    public function raisedTo(int $z): self
    {
        [$x, $y] = $this->insetAt($z);

        return new self(
            $this->name,
            $this->topLength,
            $this->topWidth,
            $this->topLength - 2 * (int) ceil($x),
            $this->topWidth - 2 * (int) ceil($y),
            $this->height - $z,
            $this->bulge,
        );
    }

    public function isStraight(): bool
    {
        return $this->topLength === $this->floorLength && $this->topWidth === $this->floorWidth;
    }
}
