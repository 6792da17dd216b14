<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

use PluckyWren\Core\Fit\Cavity;
use PluckyWren\Core\Measure\Size;

/** What a thing is, wherever it is: of what kind, what it is called and like, how large, and what lies in it. */
final readonly class Thing
{
    /**
     * @param  ItemKind  $kind  as this thing has it: with what was said of the thing itself
     * @param  list<ItemTrait>  $traits
     * @param  Said  $said  what was said of it, to be kept
     */
    public function __construct(
        public ItemKind $kind,
        public string $name,
        public Measures $measures,
        public array $traits,
        public ?string $sizeLabel,
        public Inside $inside,
        public Said $said = new Said,
    ) {}

    /** The same with other measures. */
    public function measured(Measures $measures): self
    {
        return new self(
            $this->kind, $this->name, $measures, $this->traits, $this->sizeLabel, $this->inside, $this->said,
        );
    }

    /** The same with other contents. */
    public function holding(Inside $inside): self
    {
        return new self(
            $this->kind, $this->name, $this->measures, $this->traits, $this->sizeLabel, $inside, $this->said,
        );
    }

    /** The least room that one takes, pressed as far as it goes, in cubic tenths of a millimetre. */
    public function leastRoom(): float
    {
        return $this->kind->handling->squeeze * $this->measures->size->volume();
    }

    /** The same by another name. */
    public function called(string $name): self
    {
        return new self(
            $this->kind, $name, $this->measures, $this->traits, $this->sizeLabel, $this->inside, $this->said,
        );
    }

    /** As it goes into a box where it has other measures in its packaging and stays in that; else as it is. */
    public function inBox(?Size $packaged): self
    {
        return $packaged === null || $this->measures->packaging !== Packaging::Stays
            ? $this
            : $this->measured(new Measures($packaged, $this->measures->areTaken, Packaging::Stays));
    }

    /**
     * The room in it: as it was measured, or as its own measures let expect; null where it has none, or where what is
     * said to be in it takes it up.
     */
    public function hollow(): ?Cavity
    {
        $cavity = $this->kind->handling->cavity;

        return match (true) {
            $cavity === null || ! $this->inside->isEmpty() => null,
            $this->said->hollow !== null => $this->said->hollow,
            default => $cavity->grown($this->kind->body->size, $this->measures->size),
        };
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
