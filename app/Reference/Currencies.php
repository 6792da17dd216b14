<?php

declare(strict_types=1);

namespace App\Reference;

use Locale;
use NumberFormatter;
use PluckyWren\Core\Money\Currency;
use ResourceBundle;

/** The currencies people pay with today, as the intl library knows them. */
final class Currencies
{
    /** @var array<string, string>|null */
    private ?array $names = null;

    /** @return array<string, string> names in the language of the pages by code, in the order of the names */
    public function names(): array
    {
        return $this->names ??= $this->read();
    }

    /** Get the name of a currency, or its code where none is known. */
    public function nameOf(Currency $currency): string
    {
        return $this->names()[$currency->code] ?? $currency->code;
    }

    /** @return array<string, string> */
    private function read(): array
    {
        $names = [];
        foreach (ResourceBundle::getLocales('') ?: [] as $locale) {
            // A locale without a region has no currency of its own.
            $code = Locale::getRegion($locale) === ''
                ? ''
                : (
                    new NumberFormatter($locale, NumberFormatter::CURRENCY)
                )->getTextAttribute(NumberFormatter::CURRENCY_CODE);
            $name = $code === '' || $code === 'XXX' ? null : $this->name($code);
            if ($name !== null) {
                $names[$code] = $name;
            }
        }
        asort($names, SORT_FLAG_CASE | SORT_STRING);

        return $names;
    }

    private function name(string $code): ?string
    {
        $all = ResourceBundle::create('en', 'ICUDATA-curr')?->get('Currencies');
        $one = $all instanceof ResourceBundle ? $all->get($code) : null;
        $name = $one instanceof ResourceBundle ? $one->get(1) : null;

        return is_string($name) ? $name : null;
    }
}
