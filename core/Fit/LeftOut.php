<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit;

/** A piece that did not go in, and why. */
final readonly class LeftOut
{
    public function __construct(public string $id, public Reason $reason) {}
}
