<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide;

use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Stash\ItemTrait;

/** What a guide says of a trait: how much it weighs, for which bands, why, and what to do instead. */
final readonly class TraitFlag
{
    /** @param list<AgeBand> $bands empty where it holds for every band */
    public function __construct(
        public ItemTrait $trait,
        public Weight $weight,
        public array $bands,
        public string $why,
        public string $remedy,
    ) {}

    /** @return string the bands it is for, as in “2–4, 5–9”; empty where it holds for every band */
    public function bandLabels(): string
    {
        return implode(', ', array_map(static fn (AgeBand $band): string => $band->label(), $this->bands));
    }

    public function holdsFor(AgeBand $band): bool
    {
        return $this->bands === []
            || in_array($band->id(), array_map(static fn (AgeBand $held): string => $held->id(), $this->bands), true);
    }
}
