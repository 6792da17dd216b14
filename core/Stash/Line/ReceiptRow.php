<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Line;

use PluckyWren\Core\Money\Receipt\Extra;
use PluckyWren\Core\Stash\Lot;
use PluckyWren\Core\Stash\Reading\Wrong;

/** A line of a receipt as it was understood: a thing, or what is no thing. */
final readonly class ReceiptRow
{
    /**
     * @param  int  $line  its place in the text, from 0
     * @param  Lot|null  $lot  with its price as printed; null where it is no thing, or cannot be read yet
     * @param  list<array{string, Wrong}>  $wrong  by field
     * @param  list<string>  $unknown  words of things that it is said to touch and that the receipt has not
     */
    public function __construct(
        public int $line,
        public string $text,
        public ?ReadLine $read = null,
        public ?Lot $lot = null,
        public ?Extra $extra = null,
        public array $wrong = [],
        public array $unknown = [],
    ) {}

    public function isClear(): bool
    {
        return $this->wrong === [] && $this->unknown === [] && ($this->read === null || $this->read->isClear());
    }
}
