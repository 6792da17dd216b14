<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

use DomainException;
use PluckyWren\Core\CoreException;

final class NotEnoughLeft extends DomainException implements CoreException
{
    public static function of(string $name, int $wanted, int $onHand): self
    {
        return new self(match (true) {
            $onHand <= 0 => "The last of “{$name}” is set aside for another box already.",
            default => "Only {$onHand} of “{$name}” are left; {$wanted} were asked for.",
        });
    }

    public static function onItsWay(string $name): self
    {
        return new self("“{$name}” is ordered and not here yet.");
    }

    public static function inDoubt(string $name): self
    {
        return new self("Something is wrong with “{$name}”; decide first what becomes of it.");
    }

    public static function fewerThanSetAside(string $name, int $setAside): self
    {
        return new self("{$setAside} of “{$name}” are set aside for boxes or gone, so the lot cannot hold fewer.");
    }

    public static function someIsInBoxes(string $name): self
    {
        return new self(
            "Some of “{$name}” is in boxes that are packed, so it has come. "
                .'Take it out of them first, or split off what is still to come.',
        );
    }
}
