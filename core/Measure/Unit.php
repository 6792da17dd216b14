<?php

declare(strict_types=1);

namespace PluckyWren\Core\Measure;

/** The units in which people measure at the table. */
enum Unit: string
{
    case Millimetre = 'mm';
    case Centimetre = 'cm';
    case Inch = 'in';

    /** How many tenths of a millimetre one of this unit holds; the inch is 25.4 mm by definition. */
    public function tenths(): int
    {
        return match ($this) {
            self::Millimetre => 10,
            self::Centimetre => 100,
            self::Inch => 254,
        };
    }

    /**
     * A length as a figure in this unit, without it: at most one decimal in millimetres, two in centimetres and inches.
     *
     * @param  int  $tenths  of a millimetre, zero or more
     */
    public function figure(int $tenths): string
    {
        $places = $this === self::Millimetre ? 1 : 2;
        $one = 10 ** $places;
        $parts = intdiv(2 * $tenths * $one + $this->tenths(), 2 * $this->tenths());

        return rtrim(rtrim(sprintf("%d.%0{$places}d", intdiv($parts, $one), $parts % $one), '0'), '.');
    }

    /** The unit that a written suffix means, or null where it means none of ours. */
    public static function ofSuffix(string $suffix): ?self
    {
        return match (mb_strtolower($suffix)) {
            'mm', 'millimetre', 'millimetres', 'millimeter', 'millimeters' => self::Millimetre,
            'cm', 'centimetre', 'centimetres', 'centimeter', 'centimeters' => self::Centimetre,
            'in', 'in.', 'inch', 'inches', '"' => self::Inch,
            default => null,
        };
    }
}
