<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

/** What becomes of the retail packaging that a thing came in. */
enum Packaging
{
    /** It came in none that changes its measures. */
    case None;

    /** It came in some, and goes into the box without. */
    case ComesOff;

    /** It goes into the box in it. */
    case Stays;

    public static function of(bool $came, bool $stays): self
    {
        return match (true) {
            $stays => self::Stays,
            $came => self::ComesOff,
            default => self::None,
        };
    }
}
