<?php

declare(strict_types=1);

namespace PluckyWren\Core\Recipient;

use PluckyWren\Core\CoreException;
use PluckyWren\Core\Explained;
use PluckyWren\Core\Why;
use UnexpectedValueException;

final class InvalidBand extends UnexpectedValueException implements CoreException
{
    use Explained;

    public static function unreadable(string $text): self
    {
        return new self(new Why('band.unreadable', ['text' => mb_strimwidth($text, 0, 20, '…')]));
    }

    public static function endsBeforeItStarts(int $from, int $to): self
    {
        return new self(new Why('band.ends-before-it-starts', ['from' => $from, 'to' => $to]));
    }
}
