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
    /** So many of what comes in many are likely to be what is in one of it. */
    private const LIKELY_IN_ONE = 6;

    /** Where money has no cents, from so much on a number alone behind a thing is its price: nobody has as many. */
    private const LIKELY_PRICE = 30;

    /** And behind clothes from so much on: no child is as tall. */
    private const TALLER_THAN_ANY = 200;

    private Names $names;

    private Amounts $amounts;

    private Days $days;

    private Places $places;

    private ThingOfLine $thing;

    public function __construct(
        private Catalogue $catalogue,
        ColourNames $colours,
        private Currency $currency,
        DateTimeImmutable $today,
        Known $known = new Known,
    ) {
        $this->names = new Names($catalogue, $known);
        $this->amounts = new Amounts($currency);
        $this->days = new Days($today);
        $this->places = new Places($known);
        $this->thing = new ThingOfLine($this->names, $colours);
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

        $price = PriceWords::taken($scan, $this->amounts, $this->currency);
        $price = $this->readThing($draft, $price, $named);
        $this->sayPrice($draft, $price);

        return new ReadLine($scan->text, $draft->typed, $draft->box, $draft->asks);
    }

    /**
     * Read which thing it is and how many there are.
     *
     * @param  FoundKind|null  $named  what the line says beside its name
     * @return PriceWords with the price that is a whole number, where one is
     */
    private function readThing(Draft $draft, PriceWords $price, ?FoundKind $named): PriceWords
    {
        $scan = $draft->scan;
        $this->thing->takeLongColours($draft);
        $found = $named ?? $this->names->found($scan);
        $kind = $found?->kind;
        if ($kind?->care->isWorn === true && ! $draft->has('size_label')) {
            ThingOfLine::wornSize($draft);
        }
        $whole = $this->takeWhole($draft, $price->counts, $found, $price->hasPrice());
        $price = $whole === null ? $price : $price->withAmount($whole);
        $price->counts->count ??= $price->deal['count'] ?? null;
        $this->places->unknown($draft, $price->hasPrice());
        $this->places->sources($draft, $found);
        $within = $named === null ? $found : null;
        $this->thing->takeColours($draft, $within);
        $this->askUnread($draft, $within);
        $this->thing->say($draft, $found);
        ThingOfLine::thickness($draft, $kind);
        $this->sayPieces($draft, $price->counts, $kind);

        return $price;
    }

    private function sayPrice(Draft $draft, PriceWords $words): void
    {
        $price = new PriceOfLine($this->amounts, $this->currency, $words);
        $isSingle = count($words->amounts) === 1 && $words->amounts[0]->for === null;
        if ($words->isOfOtherMoney()) {
            $draft->ask(Ask::PRICE, $draft->scan->text);
        } elseif ($words->isFree) {
            $draft->say('price', $this->amounts->typed(0));
        } elseif ($words->isLoose && $isSingle && $words->counts->pieces() > 1) {
            $price->askEach($draft, $words->amounts[0]);
        } elseif (! in_array(Ask::PIECES, array_column($draft->asks, 'what'), true)) {
            $price->say($draft, $words->counts);
        }
    }

    private function takeRemarks(Draft $draft): void
    {
        $draft->say('note', trim($draft->scan->take('\((?<note>[^()]*)\)')['groups']['note'] ?? ''));
        $tags = $draft->scan->takeAll('(?<!\w)#(?<tag>[\p{L}\p{N}-]+)');
        $draft->say('tags', implode(', ', array_map(static fn (array $tag): string => $tag['groups']['tag'], $tags)));
    }

    /** Take a kind that is said in so many words: `wooden owl = keyring`. */
    private function takeNamedKind(Scan $scan): ?FoundKind
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

                return new FoundKind($kind, $taken['at'] ?? 0, strlen($taken['text'] ?? ''), true, isBeside: true);
            }
        }

        return null;
    }

    /**
     * Take the whole numbers that no word explains: before the thing they count it, behind it one may be a price.
     *
     * @return Amount|null a price without decimals
     */
    private function takeWhole(Draft $draft, Counts $counts, ?FoundKind $found, bool $hasPrice): ?Amount
    {
        $scan = $draft->scan;
        $units = '(?!\s?(?:mm|cm|m|ml|l|oz|g|kg|in|inch|inches|pages?|piece|pack|packs|year|colours?|colors?)\b'
            .'(?!s?\s+of))';
        $numbers = array_values(array_filter(
            $scan->find("(?<![\w.,/%-])\d{1,5}(?![\w/%\"-]|[.,]\d){$units}"),
            static fn (array $one): bool => $found?->covers($one['at']) !== true,
        ));
        $start = $found->at ?? PHP_INT_MAX;
        $before = array_values(array_filter($numbers, static fn (array $one): bool => $one['at'] < $start));
        $after = array_values(array_filter($numbers, static fn (array $one): bool => $one['at'] >= $start));
        foreach ($numbers as $one) {
            $scan->leaveOut($one['at'], strlen($one['text']));
        }
        $needsSize = $found?->kind->care->isWorn === true && ! $draft->has('size_label');
        if ($counts->count === null && count($before) === 1) {
            $counts->countBy($before[0]);
            $before = [];
        }
        if ($counts->count === null && $before === [] && count($after) > 0 && $hasPrice && ! $needsSize) {
            $counts->countBy($after[0]);
            array_shift($after);
        }
        $unclear = $before[0] ?? $after[0] ?? null;
        if ($unclear === null) {
            return null;
        }
        $isAlone = $before === [] && count($after) === 1 && ! $hasPrice;
        $isPrice = $isAlone && $counts->count !== null && ! $needsSize;
        if ($isPrice || $isAlone && $this->isLikelyPrice((int) $unclear['text'], $needsSize)) {
            $minor = (int) $unclear['text'] * $this->currency->minorUnits();

            return new Amount($minor, null, $unclear['at'], strlen($unclear['text']));
        }
        $answers = [
            'count' => $counts->count === null && count($before) < 2 ? "x{$unclear['text']}" : null,
            'price' => $hasPrice || count($before) > 1
                ? null
                : $this->amounts->said((int) $unclear['text'] * $this->currency->minorUnits()),
            'size' => $needsSize ? "size {$unclear['text']}" : null,
        ];
        $draft->ask(Ask::COUNT, $unclear['text'], array_map(
            static fn (string $instead): string => $scan->with($unclear['at'], strlen($unclear['text']), $instead),
            array_filter($answers, is_string(...)),
        ));

        return null;
    }

    private function isLikelyPrice(int $number, bool $mayBeSize): bool
    {
        return $this->currency->digits === 0
            && $number >= ($mayBeSize ? self::TALLER_THAN_ANY : self::LIKELY_PRICE);
    }

    /**
     * A figure that is left over was meant as something, and a tax or a delivery belongs to the price: that is asked,
     * not left out.
     */
    private function askUnread(Draft $draft, ?FoundKind $found): void
    {
        $unit = '(?!\s?(?:mm|cm|m|ml|l|oz|g|kg|in|inch|inches)\b)';
        // Half a litre is what a bottle holds.
        $holds = '\s?(?:l|lit(?:re|er)s?|cups?)\b';
        $left = [
            ...$draft->scan->find("(?<![\w.,])-?\d{0,3}(?:[.,']\d+)+(?![\w]){$unit}"),
            ...$draft->scan->find('(?<!\w)(?:\+\s*)?(?:tax|vat|delivery|shipping|postage|deposit|refund)(?!\w)'),
            ...$draft->scan->find("(?<![\w.,/-])\d{1,5}(?=\s?/)(?!/\d{1,2}{$holds})"
                ."|(?<=/)\d{1,5}(?![\w.,-]){$unit}(?!{$holds})"),
        ];
        foreach ($left as $one) {
            if ($found?->covers($one['at']) !== true) {
                $draft->scan->leaveOut($one['at'], strlen($one['text']));
                $draft->ask(Ask::PRICE, trim($one['text'], '+ '));
            }
        }
    }

    /** Determine if a number may be of what is in one thing: 24 crayons mostly are one box, 24 boxes of them never. */
    private static function mayBeInOne(string $line, string $number): bool
    {
        $says = '(?:boxes|bags|sets|tins|tubs|jars|sheets|rolls)';

        return (int) $number >= self::LIKELY_IN_ONE && preg_match("~\b{$says}\b~ui", $line) !== 1;
    }

    private function sayPieces(Draft $draft, Counts $counts, ?ItemKind $kind): void
    {
        $isMany = $kind !== null && $this->catalogue->comesInMany($kind->id);
        if ($isMany && $counts->packPieces !== null && $counts->packAt !== null) {
            self::askPieces($draft, $counts->packAt, $counts->packLength, $counts->packs(), $counts->pieces());

            return;
        }
        if ($isMany && $counts->bare !== null && self::mayBeInOne($draft->scan->text, $counts->bare['text'])) {
            self::askPieces($draft, $counts->bare['at'], strlen($counts->bare['text']), 1, $counts->pieces());

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

    /** Ask whether a number is what is in one, so that there are $packs, or how many there are in all. */
    private static function askPieces(Draft $draft, int $at, int $length, int $packs, int $pieces): void
    {
        $draft->ask(Ask::PIECES, substr($draft->scan->text, $at, $length), [
            'packs' => $draft->scan->with($at, $length, (string) $packs),
            'pieces' => $draft->scan->with($at, $length, "{$pieces}x"),
        ]);
    }
}
