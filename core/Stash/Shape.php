<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

/** What a thing is like within its three measures. */
enum Shape: string
{
    case Block = 'block';
    /** A rod with a round cross-section, along the longest side. */
    case Round = 'round';
    case Ball = 'ball';
}
