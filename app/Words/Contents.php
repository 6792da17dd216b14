<?php

declare(strict_types=1);

namespace App\Words;

use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Text\Typed;

/** What a kit holds, as people write it: one kind a line with how many of it. */
final class Contents
{
    private const MOST_OF_ONE = 100;

    /** @param array<string, int> $holds by the kind's id */
    public static function written(array $holds): string
    {
        $catalogue = resolve(Catalogue::class);

        return implode(
            "\n",
            array_map(
                static fn (string $kind, int $count): string => "{$count} ".(
                    $catalogue->has($kind) ? $catalogue->get($kind)->name : $kind
                ),
                array_keys($holds),
                $holds,
            ),
        );
    }

    /** @return array<string, int>|string by the kind's id; or the line that cannot be read */
    public static function read(string $text): array|string
    {
        $holds = [];
        foreach (preg_split('/\R|,|;/u', $text) ?: [] as $line) {
            $line = trim($line);
            if ($line === '') {
                continue;
            }
            $isRead = preg_match(
                '/^(?:(?<count>\d{1,3})\s*(?:x|×)?\s+)?(?<name>.+)$/u',
                Typed::figures($line),
                $m,
            ) === 1;
            $count = $isRead && $m['count'] !== '' ? (int) $m['count'] : 1;
            $id = $isRead ? resolve(Catalogue::class)->named($m['name'])?->id : null;
            if ($id === null || $count < 1 || $count > self::MOST_OF_ONE) {
                return $line;
            }
            $holds[$id] = ($holds[$id] ?? 0) + $count;
        }

        return $holds;
    }
}
