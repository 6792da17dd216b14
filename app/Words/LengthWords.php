<?php

declare(strict_types=1);

namespace App\Words;

use App\Crews\CrewInHand;
use PluckyWren\Core\Measure\ShownIn;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Measure\Unit;

/** Lengths as the crew in hand reads them, with their unit; whoever is not signed in reads millimetres. */
final class LengthWords
{
    /** @param int $tenths of a millimetre */
    public static function of(int $tenths): string
    {
        return self::shown()->length($tenths);
    }

    public static function size(Size $size): string
    {
        return self::shown()->size($size);
    }

    /** @param list<int> $tenths of a millimetre; none is nothing */
    public static function sides(array $tenths): string
    {
        return $tenths === [] ? '' : self::shown()->sides($tenths);
    }

    /** @param list<int> $tenths of a millimetre, beside one another: “20, 132 mm” */
    public static function each(array $tenths): string
    {
        return self::shown()->each($tenths);
    }

    /**
     * As one would say at the table, by the hand: whole centimetres, or half inches.
     *
     * @param  list<int>  $cm
     */
    public static function about(array $cm): string
    {
        $shown = self::shown();
        $cmTenths = Unit::Centimetre->tenths();
        $half = intdiv(Unit::Inch->tenths(), 2);

        return $shown->unit === Unit::Inch
            ? $shown->sides(array_map(static fn (int $one): int => $half * (int) round($one * $cmTenths / $half), $cm))
            : (new ShownIn(Unit::Centimetre))->sides(array_map(static fn (int $one): int => $one * $cmTenths, $cm));
    }

    private static function shown(): ShownIn
    {
        return resolve(CrewInHand::class)->lengths();
    }
}
