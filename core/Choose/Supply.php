<?php

declare(strict_types=1);

namespace PluckyWren\Core\Choose;

/** Pieces that lie free and are alike in what they are and whom they suit. */
final readonly class Supply
{
    /**
     * @param  string  $kind  the kind's id
     * @param  int  $pieces  how many
     * @param  list<string>  $bands  ids of the age groups that may have them
     */
    public function __construct(public string $kind, public int $pieces, public array $bands) {}
}
