<?php

declare(strict_types=1);

namespace PluckyWren\Core;

/** An error of the core that is nothing but what is wrong. */
trait Explained
{
    private function __construct(private readonly Why $why)
    {
        parent::__construct((string) $why);
    }

    public function why(): Why
    {
        return $this->why;
    }
}
