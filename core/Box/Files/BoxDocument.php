<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Files;

use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Colour\Palette;
use PluckyWren\Core\Money\Money;

/** A box as it travels in a file: its plan, and what only people need to know of it. */
final readonly class BoxDocument
{
    /**
     * @param  array<string, string>  $places  where pieces are from, by their id
     * @param  array<string, array{Money, int}>  $packs  what was paid for how many together, by the id of the piece
     *     that is part of them
     */
    public function __construct(
        public string $theme,
        public Palette $palette,
        public string $guideId,
        public Plan $plan,
        public array $places,
        public array $packs = [],
    ) {}
}
