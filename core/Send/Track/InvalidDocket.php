<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send\Track;

use DomainException;
use PluckyWren\Core\CoreException;

final class InvalidDocket extends DomainException implements CoreException
{
    public static function unreadable(string $typed): self
    {
        return new self("“{$typed}” is no docket number. One has "
            .Docket::LEAST.' to '.Docket::MOST.' letters and digits, like QH-204417.');
    }
}
