<?php

declare(strict_types=1);

namespace PluckyWren\Core\Measure;

/** Lengths as people read them, each with its unit: “210 mm”, “21 cm”, or inches in sixteenths, “8 1/4 in”. */
final readonly class ShownIn
{
    /** Inches are cut on mats and rulers with sixteenths. */
    private const PARTS_OF_AN_INCH = 16;

    public function __construct(public Unit $unit = Unit::Millimetre) {}

    /** @param int $tenths of a millimetre, zero or more */
    public function length(int $tenths): string
    {
        return $this->figure($tenths).' '.$this->unit->value;
    }

    public function size(Size $size): string
    {
        return $this->sides([$size->length, $size->width, $size->height]);
    }

    /** @param list<int> $tenths of a millimetre, in the order in which they are read: “210 × 148 × 12 mm” */
    public function sides(array $tenths): string
    {
        return implode(' × ', array_map($this->figure(...), $tenths)).' '.$this->unit->value;
    }

    /** @param list<int> $tenths of a millimetre, beside one another: “20, 132 mm” */
    public function each(array $tenths): string
    {
        return implode(', ', array_map($this->figure(...), $tenths)).' '.$this->unit->value;
    }

    private function figure(int $tenths): string
    {
        return $this->unit === Unit::Inch ? self::inches($tenths) : $this->unit->figure($tenths);
    }

    /** To the nearest sixteenth, in lowest terms; what is there is never said to be nothing. */
    private static function inches(int $tenths): string
    {
        $parts = intdiv(2 * self::PARTS_OF_AN_INCH * $tenths + Unit::Inch->tenths(), 2 * Unit::Inch->tenths());
        [$whole, $top, $under] = [intdiv($parts, self::PARTS_OF_AN_INCH), $parts % self::PARTS_OF_AN_INCH, 16];
        while ($top > 0 && $top % 2 === 0) {
            [$top, $under] = [intdiv($top, 2), intdiv($under, 2)];
        }

        return match (true) {
            $parts === 0 && $tenths > 0 => '1/32',
            $top === 0 => (string) $whole,
            default => ($whole === 0 ? '' : "{$whole} ")."{$top}/{$under}",
        };
    }
}
