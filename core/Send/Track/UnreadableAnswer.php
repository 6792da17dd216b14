<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send\Track;

use DomainException;
use PluckyWren\Core\CoreException;
use PluckyWren\Core\Explained;
use PluckyWren\Core\Why;

/** What the drive's service answered makes no sense, so nothing of it is taken. */
final class UnreadableAnswer extends DomainException implements CoreException
{
    use Explained;

    /** @param string $what is wrong with it, as an id */
    public static function because(string $what): self
    {
        return new self(new Why("track.{$what}"));
    }
}
