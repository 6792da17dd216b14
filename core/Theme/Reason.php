<?php

declare(strict_types=1);

namespace PluckyWren\Core\Theme;

use PluckyWren\Core\Colour\Colour;

/** One thing by which something goes with a theme, or does not. */
final readonly class Reason
{
    /**
     * @param  'tag'|'word'|'kind'|'same-colour'|'near-colour'|'far-colour'|'season'|'off-season'  $sort
     * @param  string  $word  that both have, or the time of the year; empty where it is a kind or a colour
     */
    public function __construct(public string $sort, public string $word = '', public ?Colour $colour = null) {}
}
