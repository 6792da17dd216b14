<?php

declare(strict_types=1);

namespace PluckyWren\Core\Colour;

use PluckyWren\Core\CoreException;
use PluckyWren\Core\Explained;
use PluckyWren\Core\Why;
use UnexpectedValueException;

final class InvalidPalette extends UnexpectedValueException implements CoreException
{
    use Explained;

    public static function unreadable(string $hex): self
    {
        return new self(new Why('palette.unreadable', ['text' => mb_strimwidth($hex, 0, 20, '…')]));
    }

    public static function tooMany(int $colours): self
    {
        return new self(new Why('palette.too-many', ['count' => $colours]));
    }
}
