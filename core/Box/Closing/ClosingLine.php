<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Closing;

use PluckyWren\Core\Guide\Finding;

/** One line of the closing check: answered by the data, or by the packer's tick. */
final readonly class ClosingLine
{
    /**
     * @param  string  $id  what is asked; its words are kept elsewhere
     * @param  list<string>  $names  what it is about, where it can be named
     * @param  list<Finding>  $findings  what it is about, where rules noticed it
     * @param  ClosingTick|null  $tick  null where the data answers it
     */
    public function __construct(
        public string $id,
        public LineState $state,
        public array $names = [],
        public int $count = 0,
        public ?ClosingTick $tick = null,
        public array $findings = [],
    ) {}
}
