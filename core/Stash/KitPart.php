<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

use PluckyWren\Core\Money\Price;

/** So many pieces of one lot that go into each kit of a kind. */
final readonly class KitPart
{
    /**
     * @param  int  $each  in one kit, 1 or more
     * @param  int  $onHand  of the lot
     */
    public function __construct(public Thing $thing, public int $each, public int $onHand, public Price $price) {}

    /** For how many kits there is enough of it. */
    public function reaches(): int
    {
        return intdiv(max(0, $this->onHand), $this->each);
    }
}
