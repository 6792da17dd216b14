<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide;

/** A finding that a packer left as it is, and why. */
final readonly class Overruled
{
    public function __construct(public Finding $finding, public string $because) {}
}
