<?php

declare(strict_types=1);

namespace Bench\Choose;

use PluckyWren\Core\Box\Filling\Candidate;
use PluckyWren\Core\Box\Funds;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\Price;
use PluckyWren\Core\Recipient\Gender;
use PluckyWren\Core\Recipient\Recipient;
use PluckyWren\Core\Stash\Measures;
use PluckyWren\Core\Stash\Source;
use PluckyWren\Core\Stash\Thing;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Data;

/**
 * Made-up stashes and a box to fill from each: kinds as they come, measures with a spread, prices, ages and how well
 * each goes with the theme drawn at random; every other box has a budget that does not pay for everything.
 */
final readonly class Stashes
{
    private const SPREAD = 0.15;

    /** @return array{Plan, list<Candidate>} */
    public static function draw(int $seed, int $lots): array
    {
        $random = new Randomizer(new Mt19937($seed));
        $guide = Data::guide();
        $bands = $guide->audience->bands;
        $euro = static fn (int $cents): Money => new Money($cents, Currency::of('EUR'));
        $plan = new Plan(
            new Recipient(
                $bands[$random->getInt(0, count($bands) - 1)],
                $random->getInt(0, 1) === 0 ? Gender::Girl : Gender::Boy,
            ),
            $guide,
            Data::boxKinds()->get($random->getInt(0, 2) === 0 ? 'tapered-tub' : 'straight-card'),
            new Funds($euro(900), $seed % 2 === 0 ? $euro(900 + $random->getInt(800, 2_000)) : null),
            [],
        );
        $kinds = array_values(Data::catalogue()->all());
        $candidates = [];
        for ($number = 0; $number < $lots; $number++) {
            $kind = $kinds[$random->getInt(0, count($kinds) - 1)];
            $usual = Thing::usual($kind);
            $spread = static fn (int $side): int => max(
                1,
                (int) round($side * $random->getInt(1_000 - (int) (self::SPREAD * 1_000), 1_150) / 1_000),
            );
            $size = $usual->measures->size;
            $thing = $usual->measured(new Measures(
                new Size($spread($size->length), $spread($size->width), $spread($size->height)),
                true,
            ));
            $pack = $random->getInt(1, 6);
            $price = $random->getInt(0, 3) === 0
                ? Price::free(Currency::of('EUR'))
                : Price::paid($euro($random->getInt(30, 700)), $pack);
            $id = sprintf('lot-%05d', $number);
            $candidates[] = new Candidate(
                $id,
                new PlannedPiece("new-{$id}", $thing, 1, $price, Source::Shop),
                $random->getInt(1, 12),
                max(-1, $random->getInt(-8, 8)),
                $random->getInt(0, 900),
                $random->getInt(0, 4) === 0 ? $random->getInt(1, 4) / 4 : 0.0,
                $random->getInt(0, 4) === 0 ? $random->getInt(1, 4) / 4 : 0.0,
            );
        }

        return [$plan, $candidates];
    }
}
