<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

use PluckyWren\Core\Measure\Size;

/** What a thing is, wherever it is: of what kind, what it is called and like, how large, and what lies in it. */
final readonly class Thing
{
    /** @param list<ItemTrait> $traits */
    public function __construct(
        public ItemKind $kind,
        public string $name,
        public Measures $measures,
        public array $traits,
        public ?string $sizeLabel,
        public Inside $inside,
    ) {}

    /** The same with other measures. */
    public function measured(Measures $measures): self
    {
        return new self($this->kind, $this->name, $measures, $this->traits, $this->sizeLabel, $this->inside);
    }

    /** As it goes into a box where it has other measures in its packaging and stays in that; else as it is. */
    public function inBox(?Size $packaged): self
    {
        return $packaged === null || $this->measures->packaging !== Packaging::Stays
            ? $this
            : $this->measured(new Measures($packaged, $this->measures->areTaken, Packaging::Stays));
    }

    /** As its kind usually is. */
    public static function usual(ItemKind $kind, ?string $name = null): self
    {
        return new self(
            $kind,
            $name ?? $kind->name,
            new Measures($kind->body->size),
            $kind->care->traits,
            null,
            Inside::nothing(),
        );
    }
}
