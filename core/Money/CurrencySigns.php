<?php

declare(strict_types=1);

namespace PluckyWren\Core\Money;

/** The signs and words that stand beside amounts in print, and the currencies that each may mean. */
final class CurrencySigns
{
    /**
     * By the sign in small letters; a sign of several currencies means the one that is expected, where it is among
     * them.
     */
    private const CODES = [
        '€' => ['EUR'],
        '£' => ['GBP', 'EGP', 'FKP', 'GIP', 'LBP', 'SHP', 'SSP', 'SYP'],
        '¥' => ['JPY', 'CNY'],
        '円' => ['JPY'],
        '元' => ['CNY'],
        '₹' => ['INR'],
        '$' => [
            'USD',
            'CAD',
            'AUD',
            'NZD',
            'SGD',
            'HKD',
            'TWD',
            'MXN',
            'ARS',
            'CLP',
            'COP',
            'UYU',
            'DOP',
            'JMD',
            'TTD',
            'BBD',
            'BSD',
            'BZD',
            'BMD',
            'BND',
            'FJD',
            'GYD',
            'KYD',
            'LRD',
            'NAD',
            'SBD',
            'SRD',
            'XCD',
        ],
        'us$' => ['USD'],
        'c$' => ['CAD'],
        'ca$' => ['CAD'],
        'a$' => ['AUD'],
        'au$' => ['AUD'],
        'nz$' => ['NZD'],
        's$' => ['SGD'],
        'hk$' => ['HKD'],
        'nt$' => ['TWD'],
        'r$' => ['BRL'],
        'kr' => ['SEK', 'NOK', 'DKK', 'ISK'],
        'zł' => ['PLN'],
        'kč' => ['CZK'],
        'ft' => ['HUF'],
        'fr' => ['CHF'],
        'sfr' => ['CHF'],
        'lei' => ['RON'],
        'лв' => ['BGN'],
        'r' => ['ZAR'],
        'rm' => ['MYR'],
        'rp' => ['IDR'],
        'rs' => ['INR', 'PKR', 'LKR', 'NPR', 'MUR'],
        '₩' => ['KRW'],
        '원' => ['KRW'],
        '₽' => ['RUB'],
        '₺' => ['TRY'],
        '₴' => ['UAH'],
        '₫' => ['VND'],
        '₪' => ['ILS'],
        '฿' => ['THB'],
        '₱' => ['PHP'],
        '₦' => ['NGN'],
        '₡' => ['CRC'],
        '₲' => ['PYG'],
        '₵' => ['GHS'],
        '₸' => ['KZT'],
        '₮' => ['MNT'],
        '৳' => ['BDT'],
        '₾' => ['GEL'],
        '֏' => ['AMD'],
        '៛' => ['KHR'],
    ];

    /**
     * @return list<string>|null the codes of the currencies that a sign may mean; null where it is no sign of a
     *     currency
     */
    public static function meant(string $sign): ?array
    {
        $plain = rtrim(mb_strtolower($sign), '.');
        $codes = self::CODES[$plain] ?? null;

        return $codes ?? (preg_match('/^[a-z]{3}$/', $plain) === 1 ? [strtoupper($plain)] : null);
    }
}
