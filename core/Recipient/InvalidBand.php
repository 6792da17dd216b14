<?php

declare(strict_types=1);

namespace PluckyWren\Core\Recipient;

use PluckyWren\Core\CoreException;
use UnexpectedValueException;

final class InvalidBand extends UnexpectedValueException implements CoreException
{
    public static function unreadable(string $text): self
    {
        return new self(sprintf('“%s” is not an age band; write it like 4-7.', mb_strimwidth($text, 0, 20, '…')));
    }

    public static function endsBeforeItStarts(int $from, int $to): self
    {
        return new self("An age band must not end before it starts; got {$from} to {$to} years.");
    }
}
