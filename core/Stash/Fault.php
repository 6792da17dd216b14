<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

/** What is wrong with a lot that came; the values are stored, so they are never renamed. */
enum Fault: string
{
    case Size = 'size';
    case Thing = 'thing';
    case Damage = 'damage';
}
