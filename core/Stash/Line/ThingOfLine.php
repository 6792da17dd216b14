<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Line;

use PluckyWren\Core\Colour\ColourNames;
use PluckyWren\Core\Stash\ItemKind;

/** Takes out of a line which thing it is: its kind, its size and colours, and a name of its own. */
final readonly class ThingOfLine
{
    /** Words that stand with a thing and tell nothing of it. */
    private const SAYS_NOTHING = '~^(?:an?|the|some|my|of|x|×|and|plus|bought|got|now|new|pieces?|pcs|pairs?|packs?'
        .'|packets?|pkgs?|multipacks?|bundles?|box(?:es)?|bags?|bars?|tubes?|tubs?|rolls?|sheets?|bottles?|sets?)$~iu';

    private const LETTERS = '(?-i:XXS|XS|S|M|L|XL|XXL)';

    private const YEARS = '(?:\s?(?:years?|yrs?|y)\b)?';

    /** Where a size ends: a comma may follow it, but no more of the figure. */
    private const ENDS = '(?![\w/-]|[.,]\d)';

    private const MOST_COLOURS = 3;

    /** A child's height in centimetres, as many labels have it, or from one to another: `128`, `134/140`. */
    private const TALL = '(?:[5-9]\d|1[0-8]\d)';

    private const HEIGHTS = self::TALL.'\s?[-/]\s?'.self::TALL;

    private const HEIGHT = self::TALL.'(?:\s?[-/]\s?'.self::TALL.')?';

    /** A height from where on no child's belt is as long. */
    private const NO_BELT = '(?:8[6-9]|9\d|1[0-8]\d)';

    private const SIDE = '(\d{1,4}(?:[.,]\d{1,2})?)';

    /** @var array<string, string> the names of colours by all that people type who mean them, the longest first */
    private array $colours;

    /** @var list<string> those of several words */
    private array $longColours;

    private string $anyColour;

    public function __construct(private Names $names, ColourNames $colours)
    {
        $said = $colours->said();
        uksort($said, static fn (string $one, string $other): int => strlen($other) <=> strlen($one));
        $words = array_map(static fn (string $word): string => preg_quote($word, '~'), array_keys($said));
        $this->colours = $said;
        $this->longColours = array_values(
            array_filter(array_keys($colours->said()), static fn (string $word): bool => str_contains($word, ' ')),
        );
        $this->anyColour = '(?<!\w)(?<colour>'.implode('|', $words).')(?!\w)(?:\s*(?:and|/|&|\+)\s*(?=\w))?';
    }

    /** Take sides that are said with their unit. */
    public static function sides(Draft $draft): void
    {
        $unit = '(?<unit>mm|cm|in|inch|inches|")';
        $by = '\s*(?:mm|cm|in|")?\s*[x×]\s*';
        $from = '(?<![\w.,])'.self::SIDE.$by.self::SIDE;
        // In a drawer is no unit.
        $found = $draft->scan->take("{$from}{$by}".self::SIDE."\s*{$unit}(?!\w)")
            ?? $draft->scan->take("{$from}\s*(?!in\s+\p{L}){$unit}(?!\w)");
        if ($found === null) {
            return;
        }
        foreach (['length' => 1, 'width' => 2, 'height' => 3] as $side => $group) {
            $unitText = strtr(mb_strtolower($found['groups']['unit']), ['inches' => 'in', 'inch' => 'in', '"' => 'in']);
            $said = $found['groups'][$group] ?? '';
            $draft->say($side, preg_match('/^\d/', $said) === 1 ? "{$said} {$unitText}" : null);
        }
    }

    /** Of what only length and width are said, take it to be as thick as its kind usually is. */
    public static function thickness(Draft $draft, ?ItemKind $kind): void
    {
        if ($draft->has('length') && ! $draft->has('height')) {
            $draft->say('height', $kind === null ? null : round($kind->body->size->height / 10, 1).' mm');
        }
    }

    /** Take a size that is said in so many words, whatever the thing is. */
    public static function saidSize(Draft $draft): void
    {
        $size = self::HEIGHT.'(?:\s?cm)?|\d{1,2}(?:\s?[-/]\s?\d{1,2})?(?:\s?(?:months|T))?|XXS|XS|S|M|L|XL|XXL';
        $found = $draft->scan->take("\b(?:sizes?|ages?|aged)\s*:?\s*(?<size>{$size})".self::YEARS.self::ENDS);
        $draft->say('size_label', self::label($found['groups']['size'] ?? ''));
    }

    /** Take a size that only clothes have. */
    public static function wornSize(Draft $draft): void
    {
        $found = $draft->scan->take(
            '(?<![\w.,/-])(?<size>'.self::HEIGHTS.'(?:\s?cm)?|'.self::NO_BELT.'\s?cm'
                .'|\d{1,2}\s?[-/]\s?\d{1,2}(?:\s?months)?|\d{1,2}T|\d{1,2}\s?months|'.self::LETTERS.')'
                .self::YEARS.self::ENDS,
        );
        $draft->say('size_label', self::label($found['groups']['size'] ?? ''));
    }

    /** Take colours of several words, one of which may be a thing: sea glass is no glass. */
    public function takeLongColours(Draft $draft): void
    {
        foreach ($this->longColours as $word) {
            $found = $draft->scan->take('(?<!\w)'.preg_quote($word, '~').'(?!\w)');
            $draft->say('colours', $found === null ? null : $this->colours[$word]);
        }
    }

    /** Take the colours that stand before the thing, right behind it, or alone; one within its name stays there. */
    public function takeColours(Draft $draft, ?FoundKind $found): void
    {
        $names = [];
        $end = $found?->end() ?? 0;
        foreach ($draft->scan->find($this->anyColour) as $one) {
            $isWithin = $found?->covers($one['at']) === true;
            $between = $draft->scan->between($end, $one['at']);
            $isFree = $found === null || $one['at'] < $found->at || preg_match('~^[\s,:/\x1F]*$~', $between) === 1;
            if (! $isWithin && $isFree && count($names) < self::MOST_COLOURS) {
                $names[] = $this->colours[mb_strtolower($one['groups']['colour'])];
                $draft->scan->leaveOut($one['at'], strlen($one['text']));
                $end = $one['at'] > $end ? $one['at'] + strlen($one['text']) : $end;
            }
        }
        $names = [...explode(', ', $draft->typed['colours'] ?? ''), ...$names];
        unset($draft->typed['colours']);
        $draft->say('colours', implode(', ', array_diff(array_unique($names), [''])));
    }

    /** Say the kind and, where it is called otherwise than its kind, the name, of which all words left are part. */
    public function say(Draft $draft, ?FoundKind $found): void
    {
        $words = [];
        foreach ($draft->scan->chunks() as $chunk) {
            $isThing = $found !== null && ($found->isBeside || $found->at >= $chunk['at']
                && $found->at < $chunk['at'] + strlen($chunk['text']));
            if (! $isThing && $found !== null && Places::looksLikeOne($chunk['text'])) {
                $draft->say('place', $chunk['text']);
            } else {
                $words = [...$words, ...self::tellingWords($chunk['text'])];
            }
        }
        $name = implode(' ', $words);
        $isOwn = $found === null || ! self::isWithin($words, $found->kind->name);
        $draft->say('kind', $found?->isSure === true ? $found->kind->id : null);
        $draft->say('name', $isOwn ? mb_strtoupper(mb_substr($name, 0, 1)).mb_substr($name, 1) : null);
        if ($found?->isSure !== true) {
            $this->askKind($draft, $name, $found);
        }
    }

    private function askKind(Draft $draft, string $name, ?FoundKind $found): void
    {
        $answers = [];
        $kinds = ($found === null ? [] : [$found->kind->id => $found->kind]) + $this->names->offered($name);
        foreach ($kinds as $id => $kind) {
            $answers[(string) $id] = "{$draft->scan->text} = {$kind->name}";
        }
        $draft->ask(Ask::KIND, $name, $answers);
    }

    /** @return list<string> without those at the edges that tell nothing */
    private static function tellingWords(string $text): array
    {
        $words = preg_split('~[\s]+~u', trim($text, " \t.:;!?-=/&+\"'"), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $telling = array_values(
            array_filter($words, static fn (string $word): bool => preg_match(self::SAYS_NOTHING, $word) !== 1),
        );
        $first = $telling === [] ? 0 : (int) array_search($telling[0], $words, true);

        return $telling === [] ? [] : array_slice($words, $first);
    }

    /**
     * Determine if words say nothing that a kind's name does not say: `soaps` and `bars of soap` of a `Bar of soap`.
     *
     * @param  list<string>  $words
     */
    private static function isWithin(array $words, string $name): bool
    {
        $plain = static fn (string $word): string => (string) preg_replace(
            '/(?<=sh|ch|x|ss)es$|(?<!s)s$/',
            '',
            (string) preg_replace('/[^\p{L}\p{N}]/u', '', mb_strtolower($word)),
        );
        $known = array_map($plain, preg_split('/[\s-]+/u', $name) ?: []);
        $together = implode('', $known);
        $typed = array_map($plain, $words);

        return array_diff($typed, $known, ['of', '']) === [] || implode('', $typed) === $together
            || array_diff(array_merge(...array_map(
                static fn (string $word): array => array_map($plain, explode('-', mb_strtolower($word))),
                $words,
            )), $known, ['of', '']) === [];
    }

    private static function label(string $size): string
    {
        $size = (string) preg_replace('~\s*([-/])\s*~', '$1', trim($size));

        return preg_match('/^[a-z]+$/i', $size) === 1 || preg_match('/^\d+t$/i', $size) === 1
            ? mb_strtoupper($size)
            : $size;
    }
}
