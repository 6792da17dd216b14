<?php

declare(strict_types=1);

namespace PluckyWren\Core\Colour;

use PluckyWren\Core\CoreException;
use UnexpectedValueException;

final class InvalidPalette extends UnexpectedValueException implements CoreException
{
    public static function unreadable(string $hex): self
    {
        return new self(sprintf('“%s” is not a colour; one is written like #1d2f6f.', mb_strimwidth($hex, 0, 20, '…')));
    }

    public static function tooMany(int $colours): self
    {
        return new self("A theme has up to three colours; got {$colours}.");
    }
}
