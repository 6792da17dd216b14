<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide;

use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Recipient\Gender;
use PluckyWren\Core\Recipient\Recipient;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\Category;
use PluckyWren\Core\Stash\ItemKind;

/** Something a guide asks for: one kind, any of several, or anything of a lane, so many of it by age band. */
final readonly class Need
{
    /**
     * @param  array<string, int>  $count  by the id of a band; a band that is not there is not asked
     * @param  list<Gender>  $genders  empty where it is asked for everyone
     * @param  array<string, int>  $usual  how many are usual, by the id of a band
     */
    public function __construct(
        public string $id,
        public string $name,
        public Category $category,
        public Accepts $accepts,
        private array $count,
        private array $genders = [],
        private array $usual = [],
    ) {}

    /** How many are asked for this child; 0 where none are. */
    public function countFor(Recipient $recipient): int
    {
        $asked = $this->genders === [] || in_array($recipient->gender, $this->genders, true);

        return $asked ? $this->count[$recipient->band->id()] ?? 0 : 0;
    }

    /** How many are asked for a band, for those of whom it is asked at all. */
    public function countForBand(AgeBand $band): int
    {
        return $this->count[$band->id()] ?? 0;
    }

    /** @return list<Gender> for whom it is asked; empty where for everyone */
    public function genders(): array
    {
        return $this->genders;
    }

    /** How many the guide calls usual for this child; null where it does not say. */
    public function usualFor(Recipient $recipient): ?int
    {
        return $this->usual[$recipient->band->id()] ?? null;
    }

    /** Determine if a piece fills it: as what it is, unless whoever packs the box said what it counts as. */
    public function takes(Held $held): bool
    {
        return $this->takesAs($held->thing->kind, $held->countsAs);
    }

    /** @param string|null $countsAs the id of the need that it was said to fill; null where nobody said so */
    public function takesAs(ItemKind $kind, ?string $countsAs): bool
    {
        return $countsAs === null ? $this->takesKind($kind) : $countsAs === $this->id;
    }

    public function takesKind(ItemKind $kind): bool
    {
        return $this->accepts->takes($kind);
    }

    /** @return list<string> ids of all kinds that fill it, those that the guide names first */
    public function kindsIn(Catalogue $catalogue): array
    {
        $others = array_filter($catalogue->ownKinds(), $this->takesKind(...));

        return array_values(array_unique([
            ...$this->accepts->kinds,
            ...array_keys($others),
            ...array_merge(...array_map(
                $catalogue->idsOf(...),
                $this->accepts->lanes,
            )),
        ]));
    }
}
