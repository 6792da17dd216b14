<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Line;

use Brick\Math\BigRational;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\Receipt\Extra;
use PluckyWren\Core\Money\Receipt\ExtraKind;

/**
 * Reads the lines of a receipt that are no things: `coupon 5.00`, `-10%`, `tax 8% on soap`, `delivery 4.50`,
 * `deposit 0.25`, `return 3.95`, `3 for 2`, `rounding -0.02`, `not ours 12.30`, `rate 0.91`.
 */
final readonly class ExtraReader
{
    private const CUT = 'coupon|voucher|points|discount|rebate|reduction|loyalty';

    private const KINDS = [
        'delivery' => 'delivery|carriage|shipping|postage|p\s?&\s?p|handling',
        'tax' => '(?:sales\s+)?tax|vat',
        'rounding' => 'round(?:ing|ed)(?:\s+(?:up|down))?',
        'deposit' => '(?:\w+\s+)?deposit(?:\s+(?:back|paid))?',
        'returned' => 'returns?|returned|refund(?:ed)?|brought\s+back|taken\s+back',
        'not-ours' => 'not\s+ours|others?|other\s+things|private|groceries|not\s+for\s+the\s+boxes',
    ];

    private Amounts $amounts;

    public function __construct(private Currency $currency)
    {
        $this->amounts = new Amounts($currency);
    }

    /**
     * Get what a line says that is no thing; null where it is one.
     *
     * @return array{extra: Extra, on: list<string>|null, isOfLineAbove: bool}|null the words of the things that it
     *     touches, null where it names none
     */
    public function read(string $line): ?array
    {
        $scan = new Scan($line);
        $scan->take('\([^()]*\)');
        $on = $scan->take('(?<!\w)on\s+(?<what>\p{L}[^\x1F\d%]*|(?:lines?\s+)?\d{1,2}(?:\s*(?:,|and|\+)\s*\d{1,2})*)$');
        $touches = $on === null ? null : self::words($on['groups']['what']);
        $percent = '(?<percent>-?\s?\d{1,3}(?:[.,]\d{1,3})?)\s?%';
        $amount = "(?<amount>-?\s?(?:{$this->amounts->pattern}|\d{1,6}(?![\w.,%])))";
        $bare = $scan->find(
            "^(?:-\s?(?:{$this->amounts->pattern})|-?\s?\d{1,3}(?:[.,]\d{1,3})?\s?%(?:\s*off)?)\s*\x1F*$",
        );
        if ($bare !== []) {
            return $this->cut($scan, $percent, $amount, $touches, $touches === null);
        }
        if ($scan->find('^(?:'.self::CUT.')(?!\w)|%\s*off\s+(?:all|everything)') !== []) {
            $scan->take('(?:'.self::CUT.')(?!\w)|(?<!\w)(?:all|everything)(?!\w)');

            return $this->cut($scan, $percent, $amount, $touches, false);
        }
        $free = $scan->find(
            '^(?<buy>\d)\s+for\s+(?<pay>\d)(?![.,\d])'
                ."(?:\s+(?<amount>-\s?{$this->amounts->pattern}))?\s*\x1F*$",
        );
        if ($free !== [] && (int) $free[0]['groups']['buy'] > (int) $free[0]['groups']['pay']) {
            return [
                'extra' => new Extra(
                    ExtraKind::CheapestFree,
                    $this->money($free[0]['groups']['amount'] ?? ''),
                    buyPay: [(int) $free[0]['groups']['buy'], (int) $free[0]['groups']['pay']],
                ),
                'on' => $touches,
                'isOfLineAbove' => false,
            ];
        }
        foreach (self::KINDS as $kind => $words) {
            if ($scan->take("^(?:{$words})(?!\w)") !== null) {
                return $this->other(ExtraKind::from($kind), $scan, $percent, $amount, $touches);
            }
        }

        return null;
    }

    /** Get how much of the crew's money is one of the receipt's: `rate 0.91`; null where a line is something else. */
    public static function rate(string $line): ?BigRational
    {
        $isRate = preg_match('~^\s*rate:?\s*=?\s*(\d{1,6}(?:[.,]\d{1,6})?)\s*$~iu', $line, $found) === 1;
        $rate = $isRate ? BigRational::of(strtr($found[1], ',', '.')) : null;

        return $rate === null || $rate->isZero() ? null : $rate;
    }

    /** Get what a line says that the receipt comes to, as typed: `total 23.84`. */
    public static function total(string $line): ?string
    {
        $isTotal = preg_match('~^\s*(?:total|sum|to\s+pay|paid)\s*:?\s*([^\p{L}]*\d)\s*$~iu', $line, $found) === 1;

        return $isTotal ? trim($found[1]) : null;
    }

    /**
     * @param  list<string>|null  $touches
     * @return array{extra: Extra, on: list<string>|null, isOfLineAbove: bool}|null
     */
    private function cut(Scan $scan, string $percent, string $amount, ?array $touches, bool $isOfLineAbove): ?array
    {
        $share = self::percent($scan->take($percent)['groups']['percent'] ?? '');
        $money = $share === null ? $this->money($scan->take($amount)['groups']['amount'] ?? '') : null;
        $scan->take('(?<!\w)off(?!\w)');
        // What has other words in it may be a thing.
        if ($share === null && $money === null || $scan->find('\p{L}') !== []) {
            return null;
        }
        $off = $money === null ? null : new Money(-abs($money->minor), $this->currency);

        return [
            'extra' => new Extra(ExtraKind::Cut, $off, $share?->abs()->negated()),
            'on' => $touches,
            'isOfLineAbove' => $isOfLineAbove,
        ];
    }

    /**
     * @param  list<string>|null  $touches
     * @return array{extra: Extra, on: list<string>|null, isOfLineAbove: bool}|null
     */
    private function other(
        ExtraKind $kind,
        Scan $scan,
        string $percent,
        string $amount,
        ?array $touches,
    ): ?array {
        $share = $kind === ExtraKind::Tax ? self::percent($scan->take($percent)['groups']['percent'] ?? '') : null;
        $found = $share === null ? $scan->take($amount) : null;
        $money = $found === null ? null : $this->money($found['groups']['amount']);
        $namesAThing = $kind !== ExtraKind::Returned && $scan->find('\p{L}') !== [];
        if ($share === null && $money === null || $namesAThing) {
            return null;
        }
        $isBack = $kind === ExtraKind::Returned || preg_match('~\b(?:back|down)\b~iu', $scan->text) === 1;

        return [
            'extra' => new Extra(
                $kind,
                $money === null ? null : new Money($isBack ? -abs($money->minor) : $money->minor, $this->currency),
                $share,
            ),
            'on' => $touches,
            'isOfLineAbove' => false,
        ];
    }

    private function money(string $text): ?Money
    {
        $isBelow = str_starts_with(trim($text), '-');

        $minor = trim($text) === '' ? null : $this->amounts->minor(ltrim($text, '- '));

        return $minor === null ? null : new Money(($isBelow ? -1 : 1) * $minor, $this->currency);
    }

    private static function percent(string $text): ?BigRational
    {
        $figure = (string) preg_replace('/\s/', '', strtr($text, ',', '.'));

        return $figure === '' ? null : BigRational::of($figure);
    }

    /** @return list<string> */
    private static function words(string $text): array
    {
        $words = preg_split('~\s*(?:,|\band\b|\+)\s*~iu', (string) preg_replace('~^lines?\s+~iu', '', $text)) ?: [];

        return array_values(array_filter(array_map(trim(...), $words), static fn (string $one): bool => $one !== ''));
    }
}
