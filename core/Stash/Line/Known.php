<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Line;

use PluckyWren\Core\Stash\Source;

/** The names of its own that a crew uses: what it has typed before is understood again. */
final readonly class Known
{
    /**
     * @param  array<string, Source>  $places  where things came from, and what kind of place that is, by its name
     * @param  list<string>  $keptIn  where things are kept
     * @param  list<string>  $boxes  themes of open boxes
     * @param  array<string, string>  $things  ids of kinds by the crew's own names of things
     */
    public function __construct(
        public array $places = [],
        public array $keptIn = [],
        public array $boxes = [],
        public array $things = [],
    ) {}
}
