<?php

declare(strict_types=1);

namespace App\Refusals;

use App\Words\Words;
use DomainException;

/** Someone else changed what is being changed, after it was read for that. */
final class ChangedMeanwhile extends DomainException
{
    /** @param list<string> $fields the names of what both changed, as the page has them */
    private function __construct(string $message, public readonly array $fields = [])
    {
        parent::__construct($message);
    }

    public static function row(): self
    {
        return new self(Words::of('meanwhile.row'));
    }

    /** @param string $now how it stands now, in words */
    public static function value(string $now): self
    {
        return new self(Words::of('meanwhile.value', ['now' => $now]));
    }

    public static function said(string $words): self
    {
        return new self($words);
    }

    /** @param list<string> $fields */
    public static function fields(array $fields): self
    {
        return new self(Words::of('meanwhile.fields', ['fields' => implode(', ', $fields)]), $fields);
    }
}
