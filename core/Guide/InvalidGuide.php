<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide;

use PluckyWren\Core\CoreException;
use PluckyWren\Core\Explained;
use PluckyWren\Core\Why;
use UnexpectedValueException;

final class InvalidGuide extends UnexpectedValueException implements CoreException
{
    use Explained;

    public static function noSuchDay(string $day): self
    {
        return new self(new Why('guide.no-such-day', ['day' => mb_strimwidth($day, 0, 20, '…')]));
    }
}
