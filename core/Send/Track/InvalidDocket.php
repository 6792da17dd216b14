<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send\Track;

use DomainException;
use PluckyWren\Core\CoreException;
use PluckyWren\Core\Explained;
use PluckyWren\Core\Why;

final class InvalidDocket extends DomainException implements CoreException
{
    use Explained;

    public static function unreadable(string $typed): self
    {
        return new self(new Why('docket.unreadable', [
            'text' => $typed, 'least' => Docket::LEAST, 'most' => Docket::MOST,
        ]));
    }
}
