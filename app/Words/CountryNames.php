<?php

declare(strict_types=1);

namespace App\Words;

use Locale;
use ResourceBundle;

/** Countries as they are called in English, which the system's own tables know. */
final class CountryNames
{
    /** What the tables hold beside countries: unions, try-outs, the unknown. */
    private const NO_COUNTRIES = [
        'EU', 'EZ', 'UN', 'XA', 'XB', 'XK', 'ZZ', 'QO', 'AQ', 'AC', 'CP', 'DG', 'TA', 'EA', 'IC',
    ];

    /** @var array<string, string>|null */
    private static ?array $all = null;

    /** @return array<string, string> by their two letters, in the order of the names */
    public static function all(): array
    {
        if (self::$all === null) {
            $regions = ResourceBundle::create('en', 'ICUDATA-region')?->get('Countries');
            $names = $regions instanceof ResourceBundle ? iterator_to_array($regions) : [];
            $names = array_filter(
                $names,
                static fn (mixed $name, string $letters): bool => is_string($name)
                    && preg_match('/^[A-Z]{2}$/', $letters) === 1
                    && ! in_array($letters, self::NO_COUNTRIES, true),
                ARRAY_FILTER_USE_BOTH,
            );
            asort($names, SORT_LOCALE_STRING);
            self::$all = $names;
        }

        return self::$all;
    }

    /** @param string|null $letters two; empty is answered with nothing */
    public static function of(?string $letters): string
    {
        return $letters === null || $letters === '' ? '' : (
            Locale::getDisplayRegion("und-{$letters}", 'en') ?: $letters
        );
    }
}
