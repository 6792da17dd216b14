<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send\Track;

/** What becomes of a box after its hand-in, in this order; the values stand in kept answers. */
enum TrackStage: string
{
    case Received = 'received';
    case Checked = 'checked';
    case Loaded = 'loaded';
    case Cleared = 'cleared';
    case GivenOut = 'given-out';

    public function place(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
