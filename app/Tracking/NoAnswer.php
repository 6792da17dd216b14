<?php

declare(strict_types=1);

namespace App\Tracking;

use RuntimeException;

/** The drive's service did not answer, or too late, or that it cannot. */
final class NoAnswer extends RuntimeException
{
    private function __construct(public readonly NoAnswerWhy $why)
    {
        parent::__construct($why->value);
    }

    public static function because(NoAnswerWhy $why): self
    {
        return new self($why);
    }
}
