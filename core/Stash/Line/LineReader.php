<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Line;

use DateTimeImmutable;
use PluckyWren\Core\Colour\ColourNames;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\ItemKind;

/**
 * Reads a lot from one line, as `docs/lines.md` tells: `8 soap 3.95 Mill Lane -50%`. Its words may stand in any order;
 * a price is for all of the line unless it says otherwise. Where money or number could be meant in two ways it is not
 * guessed but asked.
 */
final readonly class LineReader
{
    private Names $names;

    private Amounts $amounts;

    private Days $days;

    private Places $places;

    public function __construct(
        private Catalogue $catalogue,
        private ColourNames $colours,
        private Currency $currency,
        DateTimeImmutable $today,
        Known $known = new Known,
    ) {
        $this->names = new Names($catalogue, $known);
        $this->amounts = new Amounts($currency);
        $this->days = new Days($today);
        $this->places = new Places($known);
    }

    public function read(string $line): ReadLine
    {
        $scan = new Scan($line);
        $draft = new Draft($scan);
        $this->takeRemarks($draft);
        $named = $this->takeNamedKind($scan);
        $draft->say('due_on', $this->days->due($scan));
        $draft->say('got_on', $this->days->got($scan));
        $this->places->stores($draft);
        $this->places->named($draft);
        $this->places->making($draft);
        ThingOfLine::sides($draft);
        ThingOfLine::saidSize($draft);

        $isFree = $scan->take('(?<!\w)(?<!\d\s)(?:for\s+)?free(?!\w)') !== null;
        $loose = $scan->find("(?<![\w.,])(?<n>\d{1,4})[x×]\s+(?={$this->amounts->pattern()})") !== [];
        [$deal, $was] = [$this->deal($scan), $this->was($scan)];
        $cuts = (new Cuts($this->amounts, $this->currency))->taken($scan);
        $times = $this->takeTimes($scan);
        $counts = Counts::taken($scan);
        $amounts = [...$times['amounts'], ...$this->amounts->taken($scan)];
        $counts->count ??= $times['count'];

        $thing = new ThingOfLine($this->names, $this->colours);
        $thing->takeLongColours($draft);
        $found = $named === null ? $this->names->found($scan) : $named;
        $kind = $found['kind'] ?? null;
        if ($kind?->care->isWorn === true && ! $draft->has('size_label')) {
            ThingOfLine::wornSize($draft);
        }
        $price = new PriceOfLine($this->amounts, $this->currency, $amounts, $was, $deal, $cuts);
        $minors = [...array_column($amounts, 'minor'), $was->minor ?? 0, $deal['minor'] ?? 0];
        $isOther = in_array(Amount::UNREADABLE, $minors, true);
        $whole = $this->takeWhole($draft, $counts, $found, $price->isThere() || $isFree);
        $price = $whole === null
            ? $price
            : new PriceOfLine($this->amounts, $this->currency, [$whole], $was, $deal, $cuts);
        $hasPrice = $price->isThere() || $isFree;
        $counts->count ??= $deal['count'] ?? null;
        $this->places->unknown($draft, $hasPrice);
        $this->places->sources($draft, $found);
        $thing->takeColours($draft, $named === null ? $found : null);
        $this->askUnread($draft, $named === null ? $found : null);
        $thing->say($draft, $found, $named !== null);

        $this->sayPieces($draft, $counts, $kind);
        if ($isOther) {
            $draft->ask(Ask::PRICE, $scan->text);
        } elseif ($isFree) {
            $draft->say('price', $this->amounts->typed(0));
        } elseif ($loose && $counts->pieces() > 1 && count($amounts) === 1 && $amounts[0]->for === null) {
            $price->askEach($draft, $amounts[0]);
        } elseif (! in_array(Ask::PIECES, array_column($draft->asks, 'what'), true)) {
            $price->say($draft, $counts);
        }

        return new ReadLine($scan->text, $draft->typed, $draft->box, $draft->asks);
    }

    private function takeRemarks(Draft $draft): void
    {
        $draft->say('note', trim($draft->scan->take('\((?<note>[^()]*)\)')['groups']['note'] ?? ''));
        $tags = $draft->scan->takeAll('(?<!\w)#(?<tag>[\p{L}\p{N}-]+)');
        $draft->say('tags', implode(', ', array_map(static fn (array $tag): string => $tag['groups']['tag'], $tags)));
    }

    /**
     * Take a kind that is said in so many words: `wooden owl = keyring`.
     *
     * @return array{kind: ItemKind, at: int, length: int, isSure: bool}|null
     */
    private function takeNamedKind(Scan $scan): ?array
    {
        $found = $scan->find('\s=\s*(?=\p{L})(?<words>[^,\x1F]+)')[0] ?? null;
        $words = $found === null ? [] : (preg_split('/\s+/u', trim($found['groups']['words'])) ?: []);
        for ($count = count($words); $found !== null && $count > 0; $count--) {
            $kind = $this->catalogue->named(implode(' ', array_slice($words, 0, $count)));
            if ($kind !== null) {
                $text = '\s=\s*'.implode('\s+', array_map(
                    static fn (string $word): string => preg_quote($word, '~'),
                    array_slice($words, 0, $count),
                ));
                $taken = $scan->take($text);

                return [
                    'kind' => $kind, 'at' => $taken['at'] ?? 0, 'length' => strlen($taken['text'] ?? ''),
                    'isSure' => true,
                ];
            }
        }

        return null;
    }

    /** @return array{count: int, minor: int, at: int, length: int}|null so many for so much */
    private function deal(Scan $scan): ?array
    {
        $found = $scan->take("(?<![\w.,])(?<count>\d{1,3})\s+for\s+(?<amount>{$this->amounts->pattern()})");

        return $found === null || (int) $found['groups']['count'] < 1 ? null : [
            'count' => (int) $found['groups']['count'],
            'minor' => $this->amounts->minor($found['groups']['amount']) ?? Amount::UNREADABLE,
            'at' => $found['at'],
            'length' => strlen($found['text']),
        ];
    }

    /** Take a price before a cut: `was 2.00`, `2.00 now 1.20`; what it costs now stays in the line. */
    private function was(Scan $scan): ?Amount
    {
        $amount = $this->amounts->pattern();
        $found = $scan->take("(?<!\w)was:?\s+(?<amount>{$amount})(?:\s*now\b)?")
            ?? $scan->take("(?<amount>{$amount})\s*(?:now\b|→|->|=>|reduced\s+to|down\s+to)(?=\s*{$amount})");

        return $found === null ? null : new Amount(
            $this->amounts->minor($found['groups']['amount']) ?? Amount::UNREADABLE,
            null,
            $found['at'],
            strlen($found['text']),
        );
    }

    /**
     * Take `8 x 0.49` and `8 @ 0.49`, as tills print them.
     *
     * @return array{count: int|null, amounts: list<Amount>}
     */
    private function takeTimes(Scan $scan): array
    {
        $amount = $this->amounts->pattern();
        $found = $scan->take(
            "(?<![\w.,/-])(?<count>\d{1,4})(?:\s+[x×*]\s*|[x×*]|\s*@\s*)(?<amount>{$amount})(?:\s*each)?",
        ) ?? $scan->take("(?<amount>{$amount})\s*[x×*]\s*(?<count>\d{1,4})(?![\w/%]|[.,]\d)");

        return $found === null ? ['count' => null, 'amounts' => []] : [
            'count' => (int) $found['groups']['count'],
            'amounts' => [new Amount(
                $this->amounts->minor($found['groups']['amount']) ?? Amount::UNREADABLE,
                Amount::EACH,
                $found['at'],
                strlen($found['text']),
            )],
        ];
    }

    /**
     * Take the whole numbers that no word explains: before the thing they count it, behind it one may be a price.
     *
     * @param  array{kind: ItemKind, at: int, length: int, isSure: bool}|null  $found
     * @return Amount|null a price without decimals
     */
    private function takeWhole(Draft $draft, Counts $counts, ?array $found, bool $hasPrice): ?Amount
    {
        $scan = $draft->scan;
        $units = '(?!\s?(?:mm|cm|m|ml|l|oz|g|kg|in|inch|inches|pages?|piece|pack|packs|year|colours?|colors?)\b'
            .'(?!s?\s+of))';
        $numbers = array_values(array_filter(
            $scan->find("(?<![\w.,/%-])\d{1,5}(?![\w/%\"-]|[.,]\d){$units}"),
            static fn (array $one): bool => $found === null || $one['at'] < $found['at']
                || $one['at'] >= $found['at'] + $found['length'],
        ));
        $start = $found['at'] ?? PHP_INT_MAX;
        $before = array_values(array_filter($numbers, static fn (array $one): bool => $one['at'] < $start));
        $after = array_values(array_filter($numbers, static fn (array $one): bool => $one['at'] >= $start));
        foreach ($numbers as $one) {
            $scan->leaveOut($one['at'], strlen($one['text']));
        }
        $needsSize = ($found['kind'] ?? null)?->care->isWorn === true && ! $draft->has('size_label');
        if ($counts->count === null && count($before) === 1) {
            $counts->count = (int) $before[0]['text'];
            $before = [];
        }
        if ($counts->count === null && $before === [] && count($after) > 0 && $hasPrice && ! $needsSize) {
            $counts->count = (int) $after[0]['text'];
            array_shift($after);
        }
        $unclear = $before[0] ?? $after[0] ?? null;
        if ($unclear === null) {
            return null;
        }
        $isPrice = $before === [] && count($after) === 1 && $counts->count !== null && ! $hasPrice && ! $needsSize;
        if ($isPrice) {
            $minor = (int) $unclear['text'] * $this->currency->minorUnits();

            return new Amount($minor, null, $unclear['at'], strlen($unclear['text']));
        }
        $answers = [
            'count' => $counts->count === null && count($before) < 2 ? "x{$unclear['text']}" : null,
            'price' => $hasPrice || count($before) > 1
                ? null
                : $this->amounts->typed((int) $unclear['text'] * $this->currency->minorUnits()),
            'size' => $needsSize ? "size {$unclear['text']}" : null,
        ];
        $draft->ask(Ask::COUNT, $unclear['text'], array_map(
            static fn (string $instead): string => $scan->with($unclear['at'], strlen($unclear['text']), $instead),
            array_filter($answers, is_string(...)),
        ));

        return null;
    }

    /**
     * A figure that is left over was meant as something, and a tax or a delivery belongs to the price: that is asked,
     * not left out.
     *
     * @param  array{at: int, length: int}|null  $found  where the thing stands
     */
    private function askUnread(Draft $draft, ?array $found): void
    {
        $unit = '(?!\s?(?:mm|cm|m|ml|l|oz|g|kg|in|inch|inches)\b)';
        $left = [
            ...$draft->scan->find("(?<![\w.,])-?\d{0,3}(?:[.,']\d+)+(?![\w]){$unit}"),
            ...$draft->scan->find('(?<!\w)(?:\+\s*)?(?:tax|vat|delivery|shipping|postage|deposit|refund)(?!\w)'),
            ...$draft->scan->find('(?<![\w.,-])\d{1,5}(?=\s?/)|(?<=/)\d{1,5}(?![\w.,-])'),
        ];
        foreach ($left as $one) {
            if ($found === null || $one['at'] < $found['at'] || $one['at'] >= $found['at'] + $found['length']) {
                $draft->scan->leaveOut($one['at'], strlen($one['text']));
                $draft->ask(Ask::PRICE, trim($one['text'], '+ '));
            }
        }
    }

    private function sayPieces(Draft $draft, Counts $counts, ?ItemKind $kind): void
    {
        $isMany = $kind !== null && $this->catalogue->comesInMany($kind->id);
        if ($isMany && $counts->packPieces !== null && $counts->packAt !== null) {
            $draft->ask(Ask::PIECES, substr($draft->scan->text, $counts->packAt, $counts->packLength), [
                'packs' => $draft->scan->with($counts->packAt, $counts->packLength, (string) $counts->packs()),
                'pieces' => $draft->scan->with($counts->packAt, $counts->packLength, (string) $counts->pieces()),
            ]);

            return;
        }
        if ($counts->isUnclear && ! $isMany && $counts->packAt !== null) {
            $draft->ask(Ask::PACK, substr($draft->scan->text, $counts->packAt, $counts->packLength), [
                'pieces' => $draft->scan->with($counts->packAt, $counts->packLength, (string) $counts->packs()),
            ]);
        }
        $draft->say('pieces', $counts->pieces() === 1 ? null : (string) $counts->pieces());
        $draft->say('pack_pieces', $counts->packPieces === null ? null : (string) $counts->packPieces);
    }
}
