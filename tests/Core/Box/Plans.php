<?php

declare(strict_types=1);

namespace Tests\Core\Box;

use PluckyWren\Core\Box\Funds;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\Price;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Recipient\Gender;
use PluckyWren\Core\Recipient\Recipient;
use PluckyWren\Core\Stash\Source;
use PluckyWren\Core\Stash\Thing;
use Tests\Core\Data;

/** Small plans for tests: amounts in cents, boxes for a girl of 4 to 7. */
final class Plans
{
    public static function of(?int $budget, PlannedPiece ...$pieces): Plan
    {
        return new Plan(
            new Recipient(AgeBand::parse('4-7'), Gender::Girl),
            Data::guide(),
            Data::boxKinds()->get('straight-card'),
            new Funds(self::euro(900), $budget === null ? null : self::euro($budget)),
            array_values($pieces),
        );
    }

    /** @param array{int, int}|null $pack cents and pieces; null where the price is not known */
    public static function piece(string $kind, int $quantity, ?array $pack, string $id = ''): PlannedPiece
    {
        $itemKind = Data::catalogue()->get($kind);
        $price = match (true) {
            $pack === null => Price::unknown(),
            $pack[0] === 0 => Price::free(Currency::of('EUR')),
            default => Price::paid(self::euro($pack[0]), $pack[1]),
        };

        return new PlannedPiece(
            $id === '' ? $kind : $id,
            Thing::usual($itemKind),
            $quantity,
            $price,
            Source::Shop,
        );
    }

    public static function euro(int $cents): Money
    {
        return new Money($cents, Currency::of('EUR'));
    }
}
