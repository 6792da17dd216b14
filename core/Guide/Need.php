<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide;

use PluckyWren\Core\Recipient\Gender;
use PluckyWren\Core\Recipient\Recipient;
use PluckyWren\Core\Stash\Category;

/** Something a guide asks for: one kind, or any of several, so many of it by age band. */
final readonly class Need
{
    /**
     * @param  non-empty-list<string>  $anyOf  ids of kinds
     * @param  array<string, int>  $count  by the id of a band; a band that is not there is not asked
     * @param  list<Gender>  $genders  empty where it is asked for everyone
     */
    public function __construct(
        public string $id,
        public string $name,
        public Category $category,
        public array $anyOf,
        private array $count,
        private array $genders = [],
    ) {}

    /** How many are asked for this child; 0 where none are. */
    public function countFor(Recipient $recipient): int
    {
        $asked = $this->genders === [] || in_array($recipient->gender, $this->genders, true);

        return $asked ? $this->count[$recipient->band->id()] ?? 0 : 0;
    }

    public function takes(string $kind): bool
    {
        return in_array($kind, $this->anyOf, true);
    }
}
