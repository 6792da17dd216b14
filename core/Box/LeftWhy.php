<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

/** Why a thing was left for the next box; the values are stored, so they are never renamed. */
enum LeftWhy: string
{
    case NoRoom = 'no-room';
    case AtTheTable = 'at-the-table';
    case Chosen = 'chosen';
}
