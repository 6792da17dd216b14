<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

use PluckyWren\Core\Fit\Order;
use PluckyWren\Core\Stash\Preparation\Habits;

/** How a box is made ready and packed: the crew's habits, and the order in which things go in. */
final readonly class Ways
{
    public function __construct(public Habits $habits = new Habits, public Order $packingOrder = Order::FlatsFirst) {}
}
