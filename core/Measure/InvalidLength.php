<?php

declare(strict_types=1);

namespace PluckyWren\Core\Measure;

use PluckyWren\Core\CoreException;
use UnexpectedValueException;

final class InvalidLength extends UnexpectedValueException implements CoreException
{
    public static function unreadable(string $text): self
    {
        return new self(
            sprintf(
                '“%s” is not a length we can read. Write it like 210, 11.5 cm or 4 1/2 in.',
                mb_strimwidth($text, 0, 40, '…'),
            ),
        );
    }

    public static function notAboveZero(): self
    {
        return new self('A length must be more than zero.');
    }

    public static function tooLong(Length $most): self
    {
        return new self("That is longer than {$most->in(Unit::Centimetre)} cm, the most that can be written down.");
    }
}
