<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send;

/** What is done to a packed box before it is handed in, in the order in which it is done. */
enum Deed: string
{
    case Note = 'note';
    case Label = 'label';
    case Gift = 'gift';
}
