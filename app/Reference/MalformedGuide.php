<?php

declare(strict_types=1);

namespace App\Reference;

use UnexpectedValueException;

/** A file that is no guide; the message is one line that names the file and the path of the fault. */
final class MalformedGuide extends UnexpectedValueException
{
    public static function notJson(string $file): self
    {
        return new self("{$file}: not a JSON object.");
    }

    public static function at(string $file, string $path, string $wrong): self
    {
        return new self("{$file}: {$path} {$wrong}.");
    }

    public static function unknown(string $id): self
    {
        return new self('There is no guide called “'.mb_strimwidth($id, 0, 60, '…').'”, and no such file.');
    }
}
