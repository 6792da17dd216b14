<?php

declare(strict_types=1);

namespace App\Refusals;

use App\Words\Words;
use DomainException;
use PluckyWren\Core\Box\PlannedPiece;

/** A piece does not go into another. */
final class CannotRide extends DomainException
{
    public static function gone(): self
    {
        return new self(Words::of('plan/boxes.ride.gone'));
    }

    /**
     * @param  string  $why  as `Holders::refusal` has it
     * @param  list<PlannedPiece>  $others  in which it may go instead
     */
    public static function because(string $why, PlannedPiece $rider, PlannedPiece $holder, array $others): self
    {
        $names = array_values(array_unique(array_map(
            static fn (PlannedPiece $other): string => $other->name,
            array_filter($others, static fn (PlannedPiece $other): bool => $other->id !== $holder->id),
        )));

        return new self(trim(
            Words::of("plan/boxes.ride.{$why}", ['name' => $rider->name, 'holder' => $holder->name]).' '.(
                $names === [] ? '' : Words::of('plan/boxes.ride.try', ['names' => implode(', ', $names)])
            ),
        ));
    }
}
