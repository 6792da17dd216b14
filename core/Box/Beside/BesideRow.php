<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Beside;

use PluckyWren\Core\Stash\ItemKind;

/** What several boxes hold of one kind. */
final readonly class BesideRow
{
    /**
     * @param  array<string, int>  $counts  how many of it are in each box, by the box's id, to buy or there; all boxes
     *     are in it
     * @param  array<string, list<string>>  $names  what they are called there, by the box's id; none where it has none
     * @param  array<string, int>  $toBuy  how many of them are still to buy, by the box's id
     */
    public function __construct(
        public ItemKind $kind,
        public array $counts,
        public array $names,
        public array $toBuy,
    ) {}

    /** Whether every box has the same: as many, called alike. */
    public function isSame(): bool
    {
        return count(array_unique($this->counts)) === 1
            && count(
                array_unique(array_map(static fn (array $names): string => implode("\n", $names), $this->names)),
            ) === 1;
    }
}
