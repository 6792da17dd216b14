<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Files;

use PluckyWren\Core\CoreException;
use UnexpectedValueException;

/** A file that is not what it says it is; the message is one line that names the file and the field. */
final class MalformedFile extends UnexpectedValueException implements CoreException
{
    public static function notJson(string $file, string $why): self
    {
        return new self("{$file}: not a JSON object ({$why}).");
    }

    public static function unreadable(string $file): self
    {
        return new self("{$file}: there is no such file that can be read.");
    }

    public static function field(string $file, string $path, string $wanted): self
    {
        return new self("{$file}: {$path} {$wanted}.");
    }

    public static function unknownField(string $file, string $path): self
    {
        return new self("{$file}: {$path} is not a field of this format.");
    }
}
