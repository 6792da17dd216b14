<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Files;

use PluckyWren\Core\CoreException;
use PluckyWren\Core\Why;
use UnexpectedValueException;

/**
 * A file that is not what it says it is; the message is one line that names the file and the field. What a field must
 * be is said in the language of the formats, which is English.
 */
final class MalformedFile extends UnexpectedValueException implements CoreException
{
    private function __construct(string $message, private readonly Why $why)
    {
        parent::__construct($message);
    }

    public static function notJson(string $file, string $what): self
    {
        return new self(
            "{$file}: not a JSON object ({$what}).",
            new Why('file.not-json', ['file' => $file, 'what' => $what]),
        );
    }

    public static function unreadable(string $file): self
    {
        return new self(
            "{$file}: there is no such file that can be read.",
            new Why('file.unreadable', ['file' => $file]),
        );
    }

    /** @param Why|null $because what is wrong with what is there, where that can be told */
    public static function field(string $file, string $path, string $wanted, ?Why $because = null): self
    {
        $with = ['file' => $file, 'path' => $path, 'wanted' => $wanted];

        return $because === null
            ? new self("{$file}: {$path} {$wanted}.", new Why('file.field', $with))
            : new self(
                "{$file}: {$path} {$wanted} ({$because}).",
                new Why('file.field-because', [...$with, 'why' => $because]),
            );
    }

    public static function unknownField(string $file, string $path): self
    {
        return new self(
            "{$file}: {$path} is not a field of this format.",
            new Why('file.unknown-field', ['file' => $file, 'path' => $path]),
        );
    }

    public function why(): Why
    {
        return $this->why;
    }
}
