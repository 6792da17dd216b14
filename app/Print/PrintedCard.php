<?php

declare(strict_types=1);

namespace App\Print;

use PluckyWren\Core\Send\BoxCode;

/** What stands on one card: its largest words, what is below them line by line, and the box's code if it bears one. */
final readonly class PrintedCard
{
    /** @param list<string> $lines */
    public function __construct(public string $heading, public array $lines, public ?BoxCode $code = null) {}
}
