<?php

declare(strict_types=1);

namespace PluckyWren\Core\Money\Receipt;

use DomainException;
use PluckyWren\Core\CoreException;
use PluckyWren\Core\Why;

/** A line of a receipt cannot be: it takes off more than there is, or has nothing to be spread over. */
final class InvalidReceipt extends DomainException implements CoreException
{
    /** @param int $extra the place of the line among those that are no things */
    private function __construct(public readonly int $extra, public readonly string $reason)
    {
        parent::__construct($reason);
    }

    public static function takesOffMore(int $extra): self
    {
        return new self($extra, 'more');
    }

    public static function touchesNothing(int $extra): self
    {
        return new self($extra, 'nothing');
    }

    public function why(): Why
    {
        return new Why("receipt.{$this->reason}");
    }
}
