<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send;

use DomainException;
use PluckyWren\Core\CoreException;
use PluckyWren\Core\Explained;
use PluckyWren\Core\Why;

final class InvalidBoxCode extends DomainException implements CoreException
{
    use Explained;

    public static function unreadable(string $typed): self
    {
        return new self(new Why('code.unreadable', ['text' => $typed]));
    }

    public static function mistyped(string $typed): self
    {
        return new self(new Why('code.mistyped', ['text' => $typed]));
    }
}
