<?php

declare(strict_types=1);

namespace App\Refusals;

use App\Words\Words;
use DomainException;
use PluckyWren\Core\Box\Stage;

final class CannotChangeBox extends DomainException
{
    public static function lidIsOn(Stage $stage): self
    {
        return new self(Words::of('plan/boxes.lid-is-on', ['stage' => Words::of("plan/stages.{$stage->value}.name")]));
    }

    /** @throws self Unless the lid is off. */
    public static function unlessOpen(Stage $stage): void
    {
        $stage->isOpen() || throw self::lidIsOn($stage);
    }

    public static function handedIn(): self
    {
        return new self(Words::of('plan/boxes.handed-in'));
    }

    public static function lidIsDecorated(): self
    {
        return new self(Words::of('plan/boxes.errors.lid-decorated'));
    }

    public static function tooMany(int $most): self
    {
        return new self(Words::of('plan/boxes.too-many', ['most' => $most]));
    }

    public static function tooManyInAll(int $most): self
    {
        return new self(Words::of('plan/boxes.too-many-in-all', ['most' => $most]));
    }

    public static function notClosedYet(): self
    {
        return new self(Words::of('plan/boxes.not-closed-yet'));
    }
}
