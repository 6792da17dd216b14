<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Reading;

use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\Inside;
use PluckyWren\Core\Text\Typed;

/** What a kit holds, as people write it: one kind a line, or parted by commas, with how many of it. */
final class Contents
{
    /** So many of one kind lie in a kit at most. */
    public const MOST_OF_ONE = 100;

    /** @return Inside|string what lies in it; or the line that cannot be read */
    public static function read(string $text, Catalogue $catalogue): Inside|string
    {
        $counts = [];
        foreach (self::parts($text, $catalogue) as $part) {
            $read = self::part($part, $catalogue);
            if ($read === null) {
                return $part;
            }
            [$id, $count] = $read;
            $counts[$id] = ($counts[$id] ?? 0) + $count;
        }

        return Inside::ofCounts($counts, $catalogue);
    }

    /**
     * What stands on a line of its own or between commas; a comma that belongs to a kind's name parts nothing.
     *
     * @return list<string>
     */
    private static function parts(string $text, Catalogue $catalogue): array
    {
        $parts = [];
        foreach (preg_split('/\R|;/u', $text) ?: [] as $line) {
            $pieces = array_values(array_filter(
                array_map(trim(...), explode(',', $line)),
                static fn (string $piece): bool => $piece !== '',
            ));
            while ($pieces !== []) {
                // The longest that is a name is meant: “Scissors, round tips”, not scissors and round tips.
                $take = count($pieces);
                while (
                    $take > 1 && self::part(implode(', ', array_slice($pieces, 0, $take)), $catalogue) === null
                ) {
                    $take--;
                }
                $parts[] = implode(', ', array_splice($pieces, 0, $take));
            }
        }

        return $parts;
    }

    /** @return array{string, int}|null the kind's id, and how many; null where that cannot be read */
    private static function part(string $text, Catalogue $catalogue): ?array
    {
        $pattern = '/^(?:(?<count>\d{1,3})\s*(?:x|×)?\s+)?(?<name>.+)$/u';
        if (preg_match($pattern, Typed::figures($text), $read) !== 1) {
            return null;
        }
        $count = $read['count'] === '' ? 1 : (int) $read['count'];
        $id = $catalogue->named($read['name'])?->id;

        return $id === null || $count < 1 || $count > self::MOST_OF_ONE ? null : [$id, $count];
    }
}
