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
        foreach (preg_split('/\R|,|;/u', $text) ?: [] as $line) {
            $line = trim($line);
            if ($line === '') {
                continue;
            }
            $isRead = preg_match(
                '/^(?:(?<count>\d{1,3})\s*(?:x|×)?\s+)?(?<name>.+)$/u',
                Typed::figures($line),
                $read,
            ) === 1;
            $count = $isRead && $read['count'] !== '' ? (int) $read['count'] : 1;
            $id = $isRead ? $catalogue->named($read['name'])?->id : null;
            if ($id === null || $count < 1 || $count > self::MOST_OF_ONE) {
                return $line;
            }
            $counts[$id] = ($counts[$id] ?? 0) + $count;
        }

        return Inside::ofCounts($counts, $catalogue);
    }
}
