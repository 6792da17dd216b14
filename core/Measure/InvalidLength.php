<?php

declare(strict_types=1);

namespace PluckyWren\Core\Measure;

use PluckyWren\Core\CoreException;
use PluckyWren\Core\Explained;
use PluckyWren\Core\Why;
use UnexpectedValueException;

final class InvalidLength extends UnexpectedValueException implements CoreException
{
    use Explained;

    public static function unreadable(string $text): self
    {
        return new self(new Why('length.unreadable', ['text' => mb_strimwidth($text, 0, 40, '…')]));
    }

    public static function notAboveZero(): self
    {
        return new self(new Why('length.not-above-zero'));
    }

    public static function tooLong(Length $most): self
    {
        return new self(new Why('length.too-long', ['most' => $most->in(Unit::Centimetre)]));
    }
}
