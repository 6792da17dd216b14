<?php

declare(strict_types=1);

namespace App\Words;

use PluckyWren\Core\Guide\Sizes\BandFit;
use PluckyWren\Core\Guide\Sizes\SizeLabel;

/** What a size label means, in words. */
final class SizeWords
{
    /** “116” means 110–116 cm of height. */
    public static function means(SizeLabel $label): string
    {
        return Words::of('guides/sizes.means.'.($label->isFoot ? 'foot' : 'height'), [
            'label' => $label->label,
            'cm' => implode('–', array_unique([self::cm($label->from), self::cm($label->to)])),
        ]);
    }

    public static function fits(BandFit $fit): string
    {
        return Words::of('guides/sizes.fits.'.($fit->fromYears >= $fit->toYears ? 'age' : 'ages'), [
            'from' => $fit->fromYears,
            'to' => $fit->toYears,
        ]);
    }

    private static function cm(int $mm): string
    {
        return rtrim(rtrim(number_format($mm / 10, 1, '.', ''), '0'), '.');
    }
}
