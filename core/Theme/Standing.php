<?php

declare(strict_types=1);

namespace PluckyWren\Core\Theme;

/** How a thing stands to a theme. */
enum Standing: string
{
    case On = 'on';
    /** Neither for nor against it: a neutral colour, or nothing is known of it. */
    case Neutral = 'neutral';
    case Off = 'off';
}
