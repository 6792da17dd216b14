<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide;

use PluckyWren\Core\CoreException;
use UnexpectedValueException;

final class InvalidGuide extends UnexpectedValueException implements CoreException
{
    public static function noSuchDay(string $day): self
    {
        return new self(
            sprintf('“%s” is no day of every year; write month and day, like 12-18.', mb_strimwidth($day, 0, 20, '…')),
        );
    }
}
