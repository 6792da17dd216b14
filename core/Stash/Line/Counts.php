<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Line;

/** Takes out of a line how many there are, and in which packs. */
final class Counts
{
    private const WORDS = [
        'one' => 1, 'a' => 1, 'an' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'seven' => 7,
        'eight' => 8, 'nine' => 9, 'ten' => 10, 'eleven' => 11, 'twelve' => 12,
    ];

    private const BEFORE = '(?<![\w.,/-])';

    private const AFTER = '(?![\w/%-]|[.,]\d)';

    private const PACKS = 'packs?|pkgs?|packets?|multipacks?|bundles?';

    private function __construct(
        public ?int $count,
        public ?int $packPieces,
        /** Where the words that name the packs stand, and how long they are; null where there are none. */
        public ?int $packAt,
        public int $packLength,
        /** Whether the line speaks of packs and does not say of how many. */
        public bool $isUnclear,
        /** @var array{at: int, text: string}|null a number alone as the count: `24` of `24 crayons` */
        public ?array $bare = null,
    ) {}

    /**
     * Let a number that stands alone in the line be the count.
     *
     * @param  array{at: int, text: string}  $number
     */
    public function countBy(array $number): void
    {
        $this->count = (int) $number['text'];
        $this->bare = ['at' => $number['at'], 'text' => $number['text']];
    }

    public static function taken(Scan $scan): self
    {
        [$before, $after] = [self::BEFORE, self::AFTER];
        $packs = '(?:packs?|pkgs?|packets?|box(?:es)?|bags?|sets?|bundles?)';
        $pack = $scan->take("(?:{$before}(?<packs>\d{1,4})\s*[x×]?\s*)?\b{$packs}\s+of\s+(?<of>\d{1,4}){$after}")
            ?? $scan->take(
                "(?:{$before}(?<packs>\d{1,4})\s*[x×]?\s+)?{$before}(?<of>\d{1,4})"
                .'(?:-(?:packs?|pk|ct|count)|\s?(?:pk|ct)|\s+pack(?!\s+of))(?!\w)',
            );
        $count = self::times($scan);
        $packCount = ($pack['groups']['packs'] ?? '') === '' ? null : (int) $pack['groups']['packs'];
        $unclear = $pack === null ? $scan->take("{$before}(?<packs>\d{1,4})\s+(?:".self::PACKS.')(?!\w)') : null;
        $found = $pack ?? $unclear;

        return new self(
            $packCount ?? $count ?? ($unclear === null ? null : (int) $unclear['groups']['packs']),
            $pack === null ? null : (int) $pack['groups']['of'],
            $found['at'] ?? null,
            strlen($found['text'] ?? ''),
            $unclear !== null,
        );
    }

    /** How many packs there are; one where the line says nothing else. */
    public function packs(): int
    {
        return $this->count ?? 1;
    }

    /** How many pieces there are in all. */
    public function pieces(): int
    {
        return $this->packs() * ($this->packPieces ?? 1);
    }

    private static function times(Scan $scan): ?int
    {
        [$before, $after] = [self::BEFORE, self::AFTER];
        $dozen = $scan->take(
            '(?:(?<half>half\s+a|1/2)|(?<![\w.,/])(?<n>\d{1,3})|(?<word>an?|two|three|four))?'
                .'\s*\bdozen\b(?:\s+of)?',
        );
        if ($dozen !== null) {
            $times = (int) ($dozen['groups']['n'] ?? 0) ?: self::WORDS[$dozen['groups']['word'] ?? ''] ?? 1;

            return ($dozen['groups']['half'] ?? '') === '' ? 12 * $times : 6;
        }
        $found = $scan->take("(?<![\w.,/-])[x×]\s?(?<n>\d{1,5}){$after}")
            ?? $scan->take("{$before}(?<n>\d{1,5})\s?[x×](?!\w)")
            ?? $scan->take("\b(?:qty|quantity)[:.]?\s*(?<n>\d{1,5}){$after}")
            ?? $scan->take("{$before}(?<n>\d{1,5})\s*(?:pcs?\b\.?|pieces\b|pairs?\b)(?:\s+of\b)?");
        if ($found !== null) {
            return (int) $found['groups']['n'];
        }
        $word = $scan->take('(?:(?<=^)|(?<=[\x1F,])\s*)(?<word>'.implode('|', array_keys(self::WORDS)).')(?=\s+\p{L})');

        return $word === null ? null : self::WORDS[mb_strtolower($word['groups']['word'])];
    }
}
