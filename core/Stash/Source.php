<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

/** Where a thing came from; the values are stored, so they are never renamed. */
enum Source: string
{
    case Shop = 'shop';
    case Clearance = 'clearance';
    case Online = 'online';
    case Thrift = 'thrift';
    case Given = 'given';
    case Made = 'made';
    case Reward = 'reward';
    case OwnHouse = 'own-house';

    /** Determine if a price may still be on it; what people give may bear its tag too. */
    public function mayCarryAPrice(): bool
    {
        return match ($this) {
            self::Shop, self::Clearance, self::Online, self::Thrift, self::Given => true,
            self::Made, self::Reward, self::OwnHouse => false,
        };
    }

    /** Determine if it may have been somebody's before. */
    public function mayBeUsed(): bool
    {
        return $this === self::Thrift || $this === self::OwnHouse;
    }

    /** Determine if nothing is paid for what comes this way, unless the packer says otherwise. */
    public function isUsuallyFree(): bool
    {
        return $this === self::Given || $this === self::Reward || $this === self::OwnHouse;
    }
}
