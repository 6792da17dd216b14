<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Like;

use PluckyWren\Core\Box\PlannedPiece;

/** A piece of a box that its like should have too, and how many. */
final readonly class Carry
{
    public function __construct(public PlannedPiece $piece, public int $quantity) {}
}
