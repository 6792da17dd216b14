<?php

declare(strict_types=1);

namespace PluckyWren\Core\Recipient;

/** Whom a drive lets a box be for; the values are stored, so they are never renamed. */
enum Gender: string
{
    case Girl = 'girl';
    case Boy = 'boy';
    case Either = 'either';
}
