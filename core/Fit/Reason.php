<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit;

/** Why a piece was left out; the values are part of the file format. */
enum Reason: string
{
    case LargerThanBox = 'larger-than-box';
    case NoRoom = 'no-room';
    case BlockedByPinned = 'blocked-by-pinned';
}
