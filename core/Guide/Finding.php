<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide;

/** Something a rule noticed: an id that can be searched for, its weight, the pieces it rests on, and what would mend it. */
final readonly class Finding
{
    /**
     * @param  string  $id  `topic.what-is-wrong`, never renamed
     * @param  list<string>  $pieces  the ids of the pieces it rests on
     */
    public function __construct(
        public string $id,
        public Weight $weight,
        public array $pieces,
        public string $about,
        public string $why,
        public string $remedy,
    ) {}
}
