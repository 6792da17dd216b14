<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\BoxShape;

/** How much is asked of a piece and of the lid before it is left out; tried in this order. */
enum Give: int
{
    case AtRest = 0;
    case Pressed = 1;
    case LidGivesHalf = 2;
    case LidGivesAll = 3;

    /** How high a piece may reach, in tenths of a millimetre. */
    public function ceiling(BoxShape $box): int
    {
        return $box->height + match ($this) {
            self::AtRest, self::Pressed => 0,
            self::LidGivesHalf => intdiv($box->bulge, 2),
            self::LidGivesAll => $box->bulge,
        };
    }

    public function presses(): bool
    {
        return $this !== self::AtRest;
    }
}
