<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Bench;

/** How a piece did not go in where it was to. */
enum Refusal: string
{
    case TooTall = 'too-tall';
    case Taken = 'taken';
    case Bulges = 'bulges';
    case Unliked = 'unliked';
}
