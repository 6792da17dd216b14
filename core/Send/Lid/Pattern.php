<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send\Lid;

/** What a lid's inside may be drawn with, in the colours of its theme. The values stand in addresses. */
enum Pattern: string
{
    case Stars = 'stars';
    case Waves = 'waves';
    case Kites = 'kites';
    case Rails = 'rails';
    case Hills = 'hills';
    case Dots = 'dots';
    case Checks = 'checks';
}
