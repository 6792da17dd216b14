<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide;

/**
 * Something a rule noticed: an id that can be searched for, its weight, the pieces and figures it rests on, and what
 * would mend it.
 */
final readonly class Finding
{
    /**
     * @param  string  $id  `topic.what-is-wrong`, never renamed
     * @param  list<string>  $pieces  the ids of the pieces it rests on
     * @param  string  $remedy  in a sentence
     * @param  string  $working  the figures it was computed from; empty where there are none
     * @param  list<Remedy>  $remedies  what the packer can do about it at once
     * @param  bool  $canBeOverruled  anything but a plain missing measure
     */
    public function __construct(
        public string $id,
        public Weight $weight,
        public array $pieces,
        public string $about,
        public string $why,
        public string $remedy,
        public string $working = '',
        public array $remedies = [],
        public bool $canBeOverruled = true,
    ) {}

    /** What it is known by as long as the box stays as it is: the rule and the pieces. */
    public function key(): string
    {
        return $this->id.'|'.implode(',', $this->pieces);
    }
}
