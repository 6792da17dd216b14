<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Line;

use PluckyWren\Core\Money\Chain\Step;

/** A cut that stands in a line, and where. */
final readonly class Cut
{
    /**
     * @param  Step|null  $step  null where it cannot be
     * @param  bool  $isAmount  whether it is an amount, which may be meant for each
     * @param  int  $minor  of such an amount, in minor units
     */
    public function __construct(
        public ?Step $step,
        public bool $isAmount,
        public int $minor,
        public string $text,
        public int $at,
    ) {}
}
