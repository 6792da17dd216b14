<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

use DomainException;
use PluckyWren\Core\CoreException;
use PluckyWren\Core\Explained;
use PluckyWren\Core\Why;

final class NotEnoughLeft extends DomainException implements CoreException
{
    use Explained;

    public static function of(string $name, int $wanted, int $onHand): self
    {
        return new self($onHand <= 0
            ? new Why('left.none', ['name' => $name])
            : new Why('left.fewer', ['name' => $name, 'left' => $onHand, 'asked' => $wanted]));
    }

    public static function onItsWay(string $name): self
    {
        return new self(new Why('left.on-its-way', ['name' => $name]));
    }

    public static function inDoubt(string $name): self
    {
        return new self(new Why('left.in-doubt', ['name' => $name]));
    }

    public static function fewerThanSetAside(string $name, int $setAside): self
    {
        return new self(new Why('left.fewer-than-set-aside', ['name' => $name, 'count' => $setAside]));
    }

    public static function someIsInBoxes(string $name): self
    {
        return new self(new Why('left.some-is-in-boxes', ['name' => $name]));
    }
}
