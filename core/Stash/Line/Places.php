<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Line;

use PluckyWren\Core\Stash\Source;

/**
 * Takes out of a line where a thing came from, where it is kept and for which box it is.
 *
 * @phpstan-import-type Found from Scan
 */
final readonly class Places
{
    /** Names begin with capitals, whatever else is read in either case. */
    private const NAME = '(?-i:\p{Lu}[\p{L}\'’-]*)(?:\s+(?-i:\p{Lu}[\p{L}\'’-]*))*';

    private const STORES = 'drawer|tub|box|crate|shelf|cupboard|basket|bag|attic|cellar|loft|wardrobe';

    private const SOURCES = [
        'given' => 'gift|gifted|given|donated|donation|present',
        'thrift' => 'thrift(?:\s+(?:shop|store))?|second[\s-]?hand|charity\s+shop|flea\s+market|jumble\s+sale',
        'clearance' => 'clearance|closeout|closing\s+down',
        'online' => 'online|on\s+the\s+net|web\s?shop',
        'reward' => 'points|reward',
        'own-house' => 'from\s+(?:home|our\s+house|the\s+house)',
    ];

    public function __construct(private Known $known) {}

    /** Take where it is kept, and for which box it is. */
    public function stores(Draft $draft): void
    {
        $scan = $draft->scan;
        $kept = $scan->take('(?<!\w)kept(?:\s+in|\s+at|:)?\s+(?:the\s+)?(?<where>[^,\x1F]+)')
            ?? $scan->take('(?<!\w)in\s+(?:the\s+)?(?<where>(?:'.self::STORES.')\s+[\w-]+)');
        foreach ($kept === null ? $this->known->keptIn : [] as $where) {
            $kept ??= $scan->take('(?<!\w)in\s+(?:the\s+)?(?<where>'.self::quoted($where).')(?!\w)');
        }
        $draft->say('kept', trim($kept['groups']['where'] ?? ''));
        foreach ($this->known->boxes as $theme) {
            if ($scan->take('(?<!\w)(?:for|into)\s+(?:the\s+)?'.self::quoted($theme).'(?!\w)') !== null) {
                $draft->box = $theme;

                return;
            }
        }
    }

    /** Take a place that the crew knows, a giver, or one that the line names in so many words. */
    public function named(Draft $draft): void
    {
        $scan = $draft->scan;
        $giver = $scan->take('(?<!\w)(?:given|gift|gifted|donated|present)\s+(?:by|from)\s+(?<name>'.self::NAME.')');
        if ($giver !== null) {
            $draft->say('place', $giver['groups']['name']);
            $draft->saySource(Source::Given);
        }
        foreach ($giver === null ? $this->known->places : [] as $place => $source) {
            if ($scan->take('(?<!\w)(?:(?:from|at)\s+)?'.self::quoted((string) $place).'(?![\w])\s*:?') !== null) {
                $draft->say('place', (string) $place);
                $draft->saySource($source);

                return;
            }
        }
        $draft->say('place', $scan->take('(?<!\w)at\s+(?<name>'.self::NAME.')')['groups']['name'] ?? null);
    }

    /** Take the words that tell what kind of place it was; none that is part of a thing's name. */
    public function sources(Draft $draft, ?FoundKind $found): void
    {
        foreach (self::SOURCES as $source => $words) {
            foreach ($draft->scan->find("(?<!\w)(?:{$words})(?!\w)") as $one) {
                if ($found?->covers($one['at']) !== true) {
                    $draft->scan->leaveOut($one['at'], strlen($one['text']));
                    $draft->saySource(Source::from($source));
                }
            }
        }
    }

    /** Take what a made thing is of, and how long it took. */
    public function making(Draft $draft): void
    {
        $scan = $draft->scan;
        $made = $scan->take(
            '(?<!\w)(?:home|hand|self)?-?made(?!\w)(?:(?:\s*,\s*|\s+(?:of|from)\s+)'
            .'(?<of>(?!\d)\p{L}[\p{L} ]*?)(?=\s+[\d.$€£]|\s*[,\x1F]|\s*$))?',
        );
        if ($made === null) {
            return;
        }
        $draft->saySource(Source::Made);
        $draft->say('materials', trim($made['groups']['of'] ?? ''));
        $hours = $scan->take('(?<![\w.,])(?<hours>\d{1,3}(?:[.,]\d)?)\s*(?:h|hrs?|hours?)(?!\w)');
        $minutes = $scan->take('(?<![\w.,])(?<minutes>\d{1,4})\s*(?:min|mins|minutes?)\b\.?');
        if ($hours !== null || $minutes !== null) {
            $tenths = (int) round(10 * (float) strtr($hours['groups']['hours'] ?? '0', ',', '.'));
            $draft->say('minutes', (string) (6 * $tenths + (int) ($minutes['groups']['minutes'] ?? 0)));
        }
    }

    /** A name after “from” that nobody knows: a shop where a price stands, and otherwise that has to be asked. */
    public function unknown(Draft $draft, bool $hasPrice): void
    {
        $scan = $draft->scan;
        $from = $draft->has('place') ? null : $scan->take('(?<!\w)from\s+(?<name>'.self::NAME.')');
        if ($from === null) {
            return;
        }
        $name = $from['groups']['name'];
        $draft->say('place', $hasPrice || $draft->has('source') ? $name : null);
        if (! $hasPrice && ! $draft->has('source')) {
            $draft->ask(Ask::PLACE, $name, [
                'given' => $scan->with($from['at'], strlen($from['text']), "given by {$name}"),
                'shop' => $scan->with($from['at'], strlen($from['text']), "at {$name}"),
            ]);
        }
    }

    /** Determine if a text is what a place's name looks like: every word of it with a capital. */
    public static function looksLikeOne(string $text): bool
    {
        return preg_match('~^'.self::NAME.'$~u', $text) === 1;
    }

    private static function quoted(string $name): string
    {
        return preg_quote($name, '~');
    }
}
