<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide;

/** A finding that a packer left as it is, and why. */
final readonly class Overruled
{
    /** @param string $key of the finding for which the reason was given: the same, or one of fewer or more pieces */
    public function __construct(public Finding $finding, public string $because, public string $key) {}
}
