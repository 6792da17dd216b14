<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

/** What became of a lot with something wrong; until that is decided, nobody packs it. */
enum FaultEnd: string
{
    case Undecided = 'undecided';
    case SentBack = 'sent-back';
    case Kept = 'kept';
    case GivenOn = 'given-on';

    /** Determine if its pieces left the stash. */
    public function hasLeft(): bool
    {
        return $this === self::SentBack || $this === self::GivenOn;
    }
}
