<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide;

use PluckyWren\Core\Stash\Category;
use PluckyWren\Core\Stash\ItemKind;

/** What will do for a need: things of some kinds, or anything of some lanes. */
final readonly class Accepts
{
    /** @var array<string, int> by the kind's id: every rule asks again and again */
    private array $named;

    /**
     * @param  list<string>  $kinds  their ids; may be empty where there are lanes
     * @param  list<Category>  $lanes
     */
    public function __construct(public array $kinds, public array $lanes = [])
    {
        $this->named = array_flip($kinds);
    }

    /** Determine if nothing but one kind will do. */
    public function isOneKind(): bool
    {
        return count($this->kinds) === 1 && $this->lanes === [];
    }

    public function takes(ItemKind $kind): bool
    {
        return isset($this->named[$kind->id])
            || ($this->lanes !== [] && in_array($kind->category, $this->lanes, true))
            || ($kind->usage->countsAs !== [] && array_intersect($kind->usage->countsAs, $this->kinds) !== []);
    }
}
