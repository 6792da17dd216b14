<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

/** Where a box stands on its way; the values are stored, so they are never renamed. */
enum Stage: string
{
    case Planned = 'planned';
    case Gathering = 'gathering';
    case Ready = 'ready';
    case Packed = 'packed';
    case HandedIn = 'handed-in';

    /** Determine if pieces may still be put in and taken out: not once the lid is on. */
    public function isOpen(): bool
    {
        return $this->place() < self::Packed->place();
    }

    /** @return list<self> those at which it is not */
    public static function lidOn(): array
    {
        return [self::Packed, self::HandedIn];
    }

    public function place(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
