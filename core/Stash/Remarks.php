<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

/** What people write down about a lot for themselves. */
final readonly class Remarks
{
    /**
     * @param  list<string>  $tags
     * @param  string|null  $keptIn  where it is kept
     */
    public function __construct(public ?string $note = null, public array $tags = [], public ?string $keptIn = null) {}
}
