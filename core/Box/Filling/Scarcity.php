<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Filling;

use PluckyWren\Core\Guide\Need;
use PluckyWren\Core\Guide\NeedState;
use PluckyWren\Core\Stash\ItemKind;

/** What other planned boxes still lack, against what of it lies free. */
final class Scarcity
{
    /** @var array<string, Need> by id */
    private array $needs = [];

    /** @var array<string, int> how many pieces all of these boxes lack, by the need's id */
    private array $lacks = [];

    /** @var array<string, int> how many pieces lie free that would do, by the need's id */
    private array $free = [];

    /** @param list<NeedState> $missing of all other boxes */
    public function __construct(array $missing)
    {
        foreach ($missing as $state) {
            $this->needs[$state->need->id] ??= $state->need;
            $this->lacks[$state->need->id] = ($this->lacks[$state->need->id] ?? 0) + $state->lacks();
        }
    }

    public function counting(ItemKind $kind, int $pieces): void
    {
        foreach ($this->needs as $id => $need) {
            if ($need->takesKind($kind)) {
                $this->free[$id] = ($this->free[$id] ?? 0) + $pieces;
            }
        }
    }

    /** How much of what is of use for the same the others would take, 0 to 1; of its scarcest use. */
    public function of(ItemKind $kind): float
    {
        $most = 0.0;
        foreach ($this->needs as $id => $need) {
            if (($this->free[$id] ?? 0) > 0 && $need->takesKind($kind)) {
                $most = max($most, min(1.0, $this->lacks[$id] / $this->free[$id]));
            }
        }

        return $most;
    }
}
