<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send\Note;

/** Something in a note that is better left out, and the words in which it was found. */
final readonly class Doubt
{
    public function __construct(public DoubtKind $kind, public string $found) {}
}
