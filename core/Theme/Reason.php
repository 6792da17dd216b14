<?php

declare(strict_types=1);

namespace PluckyWren\Core\Theme;

use PluckyWren\Core\Colour\Colour;

/** One thing by which something goes with a theme, or does not. */
final readonly class Reason
{
    /**
     * @param  'tag'|'word'|'kind'|'same-colour'|'near-colour'|'far-colour'  $sort
     * @param  string  $word  that both have; empty where it is a kind or a colour
     */
    public function __construct(public string $sort, public string $word = '', public ?Colour $colour = null) {}
}
