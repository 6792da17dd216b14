<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide;

use PluckyWren\Core\Guide\Remedies\Remedy;
use PluckyWren\Core\Guide\Sizes\BandFit;
use PluckyWren\Core\Guide\Sizes\SizeLabel;
use PluckyWren\Core\Measure\Length;
use PluckyWren\Core\Measure\Size;

/**
 * Something a rule noticed: an id that can be searched for, its weight, the pieces and figures it rests on, and what
 * would mend it. It holds no sentence: those stand under `$says` in the words of whoever shows it.
 *
 * @phpstan-type Fact string|int|Length|Size|SizeLabel|BandFit
 */
final readonly class Finding
{
    /**
     * @param  string  $id  `topic.what-is-wrong`, never renamed
     * @param  string  $says  which sentences say it: one of the keys on its rule's card, mostly the id itself
     * @param  list<string>  $pieces  the ids of the pieces it rests on
     * @param  array<string, Fact>  $facts  the names and figures that its sentences speak of, by placeholder
     * @param  list<Remedy>  $remedies  what the packer can do about it at once
     * @param  bool  $canBeOverruled  anything but a plain missing measure
     */
    public function __construct(
        public string $id,
        public string $says,
        public Weight $weight,
        public array $pieces,
        public array $facts = [],
        public array $remedies = [],
        public bool $canBeOverruled = true,
    ) {}

    /**
     * A finding that rests on one piece, and is said by the sentences of its own id.
     *
     * @param  array<string, Fact>  $facts  beside the piece's name
     * @param  list<Remedy>  $remedies
     */
    public static function onPiece(
        string $id,
        Weight $weight,
        Held $piece,
        array $facts = [],
        array $remedies = [],
    ): self {
        return new self($id, $id, $weight, [$piece->id], ['name' => $piece->name, ...$facts], $remedies);
    }

    /** The same, said by other sentences than those of its id. */
    public function saying(string $says): self
    {
        return new self(
            $this->id,
            $says,
            $this->weight,
            $this->pieces,
            $this->facts,
            $this->remedies,
            $this->canBeOverruled,
        );
    }

    /** The same, answered by measuring and by nothing else. */
    public function untilMeasured(): self
    {
        return new self($this->id, $this->says, $this->weight, $this->pieces, $this->facts, $this->remedies, false);
    }

    /** What it is known by in the address of its place on a page. */
    public function anchor(): string
    {
        return 'answer-'.substr(hash('sha256', $this->key()), 0, 12);
    }

    /** What it is known by as long as the box stays as it is: the rule and the pieces. */
    public function key(): string
    {
        return $this->id.'|'.implode(',', $this->pieces);
    }
}
