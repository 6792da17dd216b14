<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Line;

use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\ItemKind;

/**
 * Finds in a line which kind of thing is meant: the longest words that are one of its names, and of two that are as
 * long the last, as a noun stands after what describes it.
 */
final readonly class Names
{
    private const LONGEST = 5;

    /** So many kinds are offered where it has to be asked. */
    private const OFFERED = 3;

    /** What stands behind these tells more of the thing, and is not the thing. */
    private const TELLS_MORE = '/^(?:with|about|for|in|on)$/iu';

    private const SAYS_NOTHING = '/^(?:an?|the|of|for|and|with|some|pairs?|packs?|sets?|\d+)$/iu';

    /** Words that are no kind alone, and make another thing of what stands before them. */
    private const THINGS = '/^(?:bag|box|case|set|kit|book|holder|cloth|cover|stand|toy|tin|pot|sheet|maker)s?$/iu';

    public function __construct(private Catalogue $catalogue, private Known $known) {}

    /** @return FoundKind|null null where no name is found */
    public function found(Scan $scan): ?FoundKind
    {
        $best = null;
        $bestRank = [];
        foreach ($scan->chunks() as $chunk) {
            $words = self::words($chunk['text'], $chunk['at']);
            $head = self::head($words);
            foreach ($this->phrases($words) as [$from, $length, $kind]) {
                $rank = [$from < $head, $length, $words[$from]['at']];
                if ($best === null || $rank > $bestRank) {
                    $last = $words[$from + $length - 1];
                    $after = array_slice($words, $from + $length, max(0, $head - $from - $length));
                    $bestRank = $rank;
                    $best = new FoundKind(
                        $kind,
                        $words[$from]['at'],
                        $last['at'] + strlen($last['text']) - $words[$from]['at'],
                        $from < $head && ! $this->isFollowed($after),
                    );
                }
            }
        }

        return $best;
    }

    /** @return array<string, ItemKind> by id, what someone may mean who typed such words */
    public function offered(string $words): array
    {
        $kinds = $this->catalogue->found($words, self::OFFERED);
        foreach ($kinds === [] ? array_reverse(preg_split('/\s+/u', $words) ?: []) : [] as $word) {
            $kinds = $kinds === [] ? $this->catalogue->found($word, self::OFFERED) : $kinds;
        }

        return array_combine(array_map(static fn (ItemKind $kind): string => $kind->id, $kinds), $kinds);
    }

    /** Get the kind that goes by a name, the crew's own names of things first. */
    public function named(string $text): ?ItemKind
    {
        $own = $this->known->things[mb_strtolower($text)] ?? null;

        return $own === null ? $this->catalogue->named($text) : $this->catalogue->get($own);
    }

    /**
     * @param  list<array{text: string, at: int}>  $words
     * @return iterable<array{int, int, ItemKind}> where in the words a name begins, of how many words it is, and whose
     *     it is
     */
    private function phrases(array $words): iterable
    {
        foreach (array_keys($words) as $from) {
            for ($length = min(self::LONGEST, count($words) - $from); $length > 0; $length--) {
                $phrase = implode(' ', array_column(array_slice($words, $from, $length), 'text'));
                $kind = preg_match(self::SAYS_NOTHING, $phrase) === 1 ? null : $this->named($phrase);
                if ($kind !== null) {
                    yield [$from, $length, $kind];
                }
            }
        }
    }

    /**
     * Determine if a word follows that may itself be a thing: “crochet bag” is no crochet.
     *
     * @param  list<array{text: string, at: int}>  $words
     */
    private function isFollowed(array $words): bool
    {
        foreach ($words as $word) {
            if (preg_match(self::THINGS, $word['text']) === 1 || $this->catalogue->named($word['text']) !== null) {
                return true;
            }
        }

        return false;
    }

    /**
     * How many words stand before what only tells more.
     *
     * @param  list<array{text: string, at: int}>  $words
     */
    private static function head(array $words): int
    {
        foreach ($words as $place => $word) {
            if ($place > 0 && preg_match(self::TELLS_MORE, $word['text']) === 1) {
                return $place;
            }
        }

        return count($words);
    }

    /** @return list<array{text: string, at: int}> */
    private static function words(string $text, int $at): array
    {
        preg_match_all('~[\p{L}\p{N}][^\s/&+]*(?<![.:;!?"])~u', $text, $words, PREG_OFFSET_CAPTURE);

        return array_map(
            static fn (array $word): array => ['text' => $word[0], 'at' => $at + $word[1]],
            $words[0],
        );
    }
}
