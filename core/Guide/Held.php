<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide;

use PluckyWren\Core\Stash\ItemTrait;

/** What a guide needs to know of pieces in a box. */
final readonly class Held
{
    /** @param list<ItemTrait> $traits */
    public function __construct(public string $id, public string $kind, public string $name, public int $quantity, public array $traits = []) {}
}
