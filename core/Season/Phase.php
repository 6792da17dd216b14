<?php

declare(strict_types=1);

namespace PluckyWren\Core\Season;

/** What a crew mostly does in a part of the year; the parts follow each other, and what is left of one goes on. */
enum Phase: string
{
    case Gather = 'gather';
    case Make = 'make';
    case Plan = 'plan';
    case Pack = 'pack';
    case Send = 'send';
}
