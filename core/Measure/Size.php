<?php

declare(strict_types=1);

namespace PluckyWren\Core\Measure;

/** Length, width and height of a block, each in tenths of a millimetre. */
final readonly class Size
{
    public function __construct(public int $length, public int $width, public int $height) {}

    /** Of whole or half-written millimetres, as data files give them. */
    public static function ofMm(int|float $length, int|float $width, int|float $height): self
    {
        return new self((int) round($length * 10), (int) round($width * 10), (int) round($height * 10));
    }

    /** Cubic tenths of a millimetre. */
    public function volume(): int
    {
        return $this->length * $this->width * $this->height;
    }

    /** @return array{int, int, int} the sides, longest first */
    public function sides(): array
    {
        $longest = max($this->length, $this->width, $this->height);
        $shortest = min($this->length, $this->width, $this->height);

        return [$longest, $this->length + $this->width + $this->height - $longest - $shortest, $shortest];
    }

    /**
     * As `in(Unit::Millimetre)`, for short.
     *
     * @throws InvalidLength
     */
    public function inMm(): string
    {
        return $this->in(Unit::Millimetre);
    }

    /**
     * “210 × 148 × 12”, in $unit.
     *
     * @throws InvalidLength
     */
    public function in(Unit $unit): string
    {
        return implode(' × ', array_map(
            static fn (int $tenths): string => Length::ofTenths($tenths)->in($unit),
            [$this->length, $this->width, $this->height],
        ));
    }
}
