<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Closing;

/** What only a packer can see before the lid goes on; the values are stored, so they are never renamed. */
enum ClosingTick: string
{
    case Counted = 'counted';
    case Label = 'label';
    case Bands = 'bands';
    case Gift = 'gift';
    case LastLook = 'last-look';
}
