<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide;

use PluckyWren\Core\Stash\Category;
use PluckyWren\Core\Stash\ItemKind;

/** What will do for a need: things of some kinds, or anything of some lanes. */
final readonly class Accepts
{
    /**
     * @param  list<string>  $kinds  their ids; may be empty where there are lanes
     * @param  list<Category>  $lanes
     */
    public function __construct(public array $kinds, public array $lanes = []) {}

    public function takes(ItemKind $kind): bool
    {
        return in_array($kind->id, $this->kinds, true)
            || in_array($kind->category, $this->lanes, true)
            || array_intersect($kind->usage->countsAs, $this->kinds) !== [];
    }
}
