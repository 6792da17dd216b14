<?php

declare(strict_types=1);

namespace PluckyWren\Core\Choose;

/** Something that a box has to hold: so many, of any of some kinds. */
final readonly class Demand
{
    /**
     * @param  string  $need  the id of the guide's need
     * @param  list<string>  $kinds  ids, those that the guide names first
     */
    public function __construct(public string $need, public string $name, public int $count, public array $kinds) {}
}
