<?php

declare(strict_types=1);

namespace PluckyWren\Core\Money\Receipt;

use DomainException;
use PluckyWren\Core\CoreException;

/** A line of a receipt cannot be: it takes off more than there is, or has nothing to be spread over. */
final class InvalidReceipt extends DomainException implements CoreException
{
    private function __construct(string $message, public readonly int $extra, public readonly string $why)
    {
        parent::__construct($message);
    }

    /** @param int $extra the place of the line among those that are no things */
    public static function takesOffMore(int $extra): self
    {
        return new self('More comes off than the things come to.', $extra, 'more');
    }

    public static function touchesNothing(int $extra): self
    {
        return new self('There is nothing with a price that this could be spread over.', $extra, 'nothing');
    }
}
