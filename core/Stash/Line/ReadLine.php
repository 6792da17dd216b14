<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Line;

/** What a typed line was understood as. */
final readonly class ReadLine
{
    /**
     * @param  string  $text  as typed, its figures and blanks in one alphabet
     * @param  array<string, string>  $typed  fields as `LotReader` reads them; what was not said is not there
     * @param  string|null  $box  the open box for which it is
     * @param  list<Ask>  $asks  what has to be asked before it is kept
     */
    public function __construct(
        public string $text,
        public array $typed,
        public ?string $box,
        public array $asks,
    ) {}

    public function isClear(): bool
    {
        return $this->asks === [];
    }
}
