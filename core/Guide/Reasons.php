<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide;

/**
 * Why findings were left as they are. A reason that was given for a set of pieces holds as well when the set has grown,
 * or has lost some: two notebooks that were meant are still meant beside a third.
 */
final readonly class Reasons
{
    /** @var array<string, list<array{list<string>, string}>> sets of pieces and the key of each, by the finding's id */
    private array $sets;

    /** @param array<string, string> $byKey the reason, by the key of the finding for which it was given */
    public function __construct(private array $byKey)
    {
        $sets = [];
        foreach (array_keys($byKey) as $key) {
            [$id, $pieces] = [...explode('|', (string) $key, 2), ''];
            $sets[$id][] = [$pieces === '' ? [] : explode(',', $pieces), (string) $key];
        }
        $this->sets = $sets;
    }

    /** The key under which the reason for a finding was given; null where nobody gave any. */
    public function keyFor(Finding $finding): ?string
    {
        if (! $finding->canBeOverruled) {
            return null;
        }
        if (isset($this->byKey[$finding->key()])) {
            return $finding->key();
        }
        foreach ($this->sets[$finding->id] ?? [] as [$pieces, $key]) {
            $isPart = array_diff($pieces, $finding->pieces) === [] || array_diff($finding->pieces, $pieces) === [];
            if ($isPart && $pieces !== [] && $finding->pieces !== []) {
                return $key;
            }
        }

        return null;
    }

    public function of(string $key): string
    {
        return $this->byKey[$key];
    }
}
