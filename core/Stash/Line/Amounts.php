<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Line;

use PluckyWren\Core\Money\AmountText;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Money;

/**
 * Takes amounts out of a line: those with all their decimals or a sign of money beside them, and whole numbers where a
 * word says that a price is meant.
 *
 * @phpstan-import-type Found from Scan
 */
final readonly class Amounts
{
    /** Signs of money; which of them may stand here is for the reader of amounts to say. */
    private const SIGN = '\p{Sc}|(?:kr|zł|kč|ft)(?!\w)'
        .'|(?-i:AUD|CAD|CHF|CZK|DKK|EUR|GBP|HUF|JPY|NOK|NZD|PLN|SEK|USD|ZAR)(?!\w)';

    private const UNITS = '(?!\s?(?:mm|cm|m|ml|l|oz|g|kg|in(?!\s+(?:all|total))|inch|inches|h|hrs?|hours?)\b)';

    private const BEFORE = '(?<![\w.,\'])';

    private const PIECE = 'apiece|(?:a|per|the)\s+piece|per\s+item';

    private const PACK = 'each\s+(?:pack|box|bag|set)|(?:a|per)\s+(?:pack|packet|box|bag|set)|/\s?pack';

    private const EACH = '/?\s?each\b|/?\s?ea\b\.?|(?:a|per)\s+pair';

    private const ALL = 'in\s+all|in\s+total|total|altogether|together|for\s+(?:all|both|the\s+lot)|all\s+in';

    private const LEADS_EACH = 'each:?|@|\bat';

    private const LEADS_ALL = 'for|total:?|in\s+all:?|paid|costs?|price:?|=|:';

    /** What is an amount wherever it stands: asked for again and again in every line. */
    public string $pattern;

    public function __construct(private Currency $currency)
    {
        $digits = $currency->digits;
        $sign = self::SIGN.'|'.preg_quote($currency->code, '~');
        $figure = "(?:\d{1,3}(?:[.,']\d{3})+|\d{0,7})[.,]\d{{$digits}}(?![\d]|[.,]\d)";
        $cents = $digits === 2 ? '|\d{1,3}[c¢](?!\w)' : '';
        $whole = "\d{1,7}(?!\d|[.,]\d)";
        $plain = $digits === 0 ? '' : "(?:{$sign})?\s?{$figure}(?:\s?(?:{$sign})(?!\w))?|";
        // A dash after the mark stands for no cents: `5.-`, `5,–`.
        $dash = '(?:'.$sign.')?\s?\d{1,6}[.,][-–—]{1,2}(?![\w\d])';
        $any = "{$plain}{$dash}|(?:{$sign})\s?{$whole}|\d{1,7}\s?(?:{$sign})(?!\w){$cents}";
        $this->pattern = self::BEFORE."(?:{$any})".self::UNITS;
    }

    /** @return list<Amount> in their order, each with what it is for as far as the line says so */
    public function taken(Scan $scan): array
    {
        [$leadsEach, $leadsAll] = [self::LEADS_EACH, self::LEADS_ALL];
        $after = '(?<piece>'.self::PIECE.')|(?<pack>'.self::PACK.')|(?<each>'.self::EACH.')|(?<all>'.self::ALL.')';
        $lead = "(?:(?<leadsEach>{$leadsEach})\s*|(?<![\w])(?<leadsAll>{$leadsAll})\s*)";
        $whole = self::BEFORE.'\d{1,7}(?![\w/%-]|[.,]\d|\s?[x×])'.self::UNITS;
        $amounts = [
            ...$scan->takeAll("{$lead}?(?<amount>{$this->pattern})(?:\s*(?:{$after})(?!\w))?"),
            ...$scan->takeAll("(?:{$lead})(?<amount>{$whole})(?:\s*(?:{$after})(?!\w))?"),
            ...$scan->takeAll("(?<amount>{$whole})\s*(?:{$after})(?!\w)"),
        ];
        usort($amounts, static fn (array $one, array $other): int => $one['at'] <=> $other['at']);

        return array_map(fn (array $found): Amount => new Amount(
            $this->minor($found['groups']['amount']) ?? Amount::UNREADABLE,
            self::whatFor($found['groups']),
            $found['at'],
            strlen($found['text']),
        ), $amounts);
    }

    /** Get an amount's text in minor units; null where it is none of the crew's money. */
    public function minor(string $text): ?int
    {
        if (preg_match('~^(\d{1,3})[c¢]$~ui', trim($text), $cents) === 1) {
            return (int) $cents[1];
        }
        try {
            return AmountText::read(trim($text), $this->currency);
        } catch (InvalidMoney) {
            return null;
        }
    }

    /** Get an amount as one types it. */
    public function typed(int $minor): string
    {
        return (new Money($minor, $this->currency))->typed();
    }

    /** Get an amount as it can be meant as nothing else: one without decimals needs a word beside it. */
    public function said(int $minor): string
    {
        return $this->currency->digits === 0 ? "for {$this->typed($minor)}" : $this->typed($minor);
    }

    /** Determine if it is one that may be paid at all. */
    public function canBe(int $minor): bool
    {
        try {
            Money::parse($this->typed($minor), $this->currency);

            return true;
        } catch (InvalidMoney) {
            return false;
        }
    }

    /** @param array<array-key, string> $groups */
    private static function whatFor(array $groups): ?string
    {
        return match (true) {
            ($groups['piece'] ?? '') !== '' => Amount::A_PIECE,
            ($groups['pack'] ?? '') !== '' => Amount::A_PACK,
            ($groups['each'] ?? '') !== '' => Amount::EACH,
            ($groups['all'] ?? '') !== '' => Amount::ALL,
            ($groups['leadsEach'] ?? '') !== '' => Amount::EACH,
            in_array($groups['leadsAll'] ?? '', ['', '=', ':'], true) => null,
            default => Amount::ALL,
        };
    }
}
