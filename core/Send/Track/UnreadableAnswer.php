<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send\Track;

use DomainException;
use PluckyWren\Core\CoreException;

/** What the drive's service answered makes no sense, so nothing of it is taken. */
final class UnreadableAnswer extends DomainException implements CoreException
{
    public static function because(string $why): self
    {
        return new self("The answer makes no sense: {$why}.");
    }
}
