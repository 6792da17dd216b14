<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

/** What can be said of the room in a box, worst last. */
enum RoomState: string
{
    case Empty = 'empty';
    case NotTried = 'not-tried';
    case Flat = 'flat';
    case Snug = 'snug';
    case Tight = 'tight';
    case LeftOut = 'left-out';
    case Open = 'open';
}
