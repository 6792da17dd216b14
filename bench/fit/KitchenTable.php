<?php

declare(strict_types=1);

namespace Bench\Fit;

use PluckyWren\Core\Box\FitProblem;
use PluckyWren\Core\Box\Funds;
use PluckyWren\Core\Box\PieceChoices;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Solve\Riders;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\Price;
use PluckyWren\Core\Recipient\Gender;
use PluckyWren\Core\Recipient\Recipient;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\Category;
use PluckyWren\Core\Stash\Inside;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Stash\Measures;
use PluckyWren\Core\Stash\Thing;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Data;

/**
 * Boxes as people compose them: what the guide asks for, in usual measures with a spread, one soft friend or ball as
 * the lead, kits, clothes, papers, a bottle that is filled; topped up with what is usual at that age until everything,
 * pressed as far as it goes, takes a given share of the box.
 */
final class KitchenTable
{
    private const SPREAD = 0.1;

    private readonly Catalogue $catalogue;

    private Randomizer $random;

    public function __construct()
    {
        $this->catalogue = Data::catalogue();
        $this->random = new Randomizer(new Mt19937(0));
    }

    public function problem(int $seed): Problem
    {
        return FitProblem::of($this->plan($seed));
    }

    /** A box of which everything, pressed as far as it goes, takes 60 to 80 % of the room. */
    public function plan(int $seed): Plan
    {
        $this->random = new Randomizer(new Mt19937($seed));
        do {
            $plan = $this->drawn();
            $share = $this->share($plan);
        } while ($share < 0.6 || $share > 0.8 || ! (new Riders(FitProblem::of($plan), 1))->allRide());

        return $plan;
    }

    private function drawn(): Plan
    {
        $guide = Data::guide();
        $band = $this->one($guide->audience->bands);
        $euro = static fn (int $cents): Money => new Money($cents, Currency::of('EUR'));
        $boxKind = Data::boxKinds()->get($this->random->getInt(0, 3) === 0 ? 'tapered-tub' : 'straight-card');
        $recipient = new Recipient($band, $this->one([Gender::Girl, Gender::Boy]));
        $plan = new Plan($recipient, $guide, $boxKind, new Funds($euro(900), null), []);
        $share = $this->random->getInt(600, 800) / 1000;
        foreach ($guide->needs as $need) {
            $kinds = $this->usual($need->kindsIn($this->catalogue), $plan);
            $count = $need->countFor($recipient);
            if ($count > 0 && $kinds !== []) {
                $plan = $this->with($plan, $this->one($kinds), max($count, $need->usualFor($recipient) ?? 0));
            }
        }
        $plan = $this->bottleFilled($plan);
        $extras = $this->random->shuffleArray($this->usual($this->catalogue->ids(), $plan));
        foreach ($extras as $kind) {
            if ($this->share($plan) >= $share) {
                break;
            }
            // One lead, one friend, one thing to drink from.
            $isOnce = in_array($kind->category, [Category::Lead, Category::Soft], true)
                || ($kind->category === Category::Carry && $kind->handling->cavity !== null)
                || array_filter($plan->pieces, static fn (PlannedPiece $piece): bool => $piece->kind === $kind) !== [];
            $more = $this->with($plan, $kind, max(1, $kind->usualCount($band)));
            $plan = $isOnce || $this->share($more) > 0.8 ? $plan : $more;
        }

        return $plan;
    }

    /** What of a box everything takes, pressed as far as it goes; what rides in a bottle takes nothing. */
    public function share(Plan $plan): float
    {
        $problem = FitProblem::of($plan);
        $volume = 0.0;
        foreach ($problem->items as $item) {
            $volume += $item->into !== null ? 0.0 : $item->quantity * self::pressed($item);
        }

        return $volume / $problem->box->volume();
    }

    private static function pressed(Item $item): float
    {
        return $item->form === Form::Soft ? $item->squeeze * $item->size->volume() : $item->leastVolume();
    }

    /** Socks and erasers go into the bottle or cup, as far as they do. */
    private function bottleFilled(Plan $plan): Plan
    {
        $bottles = array_filter(
            $plan->pieces,
            static fn (PlannedPiece $piece): bool => $piece->thing->hollow()?->soft === false,
        );
        $bottle = array_shift($bottles);
        if ($bottle === null || $this->random->getInt(0, 2) === 0) {
            return $plan;
        }

        $pieces = [];
        foreach ($plan->pieces as $piece) {
            $rides = in_array($piece->kind->id, ['socks', 'eraser'], true);
            if ($rides && $piece->quantity > 1) {
                $pieces[] = $piece->times($piece->quantity - 1);
                $piece = new PlannedPiece("{$piece->id}b", $piece->thing, 1, $piece->price, null);
            }
            $pieces[] = $rides ? $piece->choosing(new PieceChoices(into: $bottle->id)) : $piece;
        }

        return $plan->with(pieces: $pieces);
    }

    private function with(Plan $plan, ItemKind $kind, int $count): Plan
    {
        $sides = array_map(
            fn (int $side): int => max(
                5,
                (int) round($side * (1 + self::SPREAD * ($this->random->getInt(-1000, 1000) / 1000))),
            ),
            [$kind->body->size->length, $kind->body->size->width, $kind->body->size->height],
        );
        $thing = new Thing(
            $kind,
            $kind->name,
            new Measures(new Size(...$sides), true),
            $kind->care->traits,
            null,
            Inside::nothing(),
        );
        $piece = new PlannedPiece('p'.(count($plan->pieces) + 1), $thing, $count, Price::unknown(), null);

        return $plan->with(pieces: [...$plan->pieces, $piece]);
    }

    /**
     * @param  list<string>  $ids
     * @return list<ItemKind> of those that are usual at that age, and go in
     */
    private function usual(array $ids, Plan $plan): array
    {
        $box = $plan->boxKind->inside;

        return array_values(array_filter(
            array_map($this->catalogue->get(...), $ids),
            static fn (ItemKind $kind): bool => $kind->isUsualFor($plan->recipient->band)
                && $kind->body->size->sides()[0] < 0.9 * $box->floorLength
                && $kind->body->size->sides()[1] < 0.9 * $box->floorWidth
                && $kind->body->size->sides()[2] < 0.9 * $box->height
                && $kind->body->size->volume() < 0.2 * $box->volume()
        ));
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $from
     * @return T
     */
    private function one(array $from): mixed
    {
        return $from[$this->random->getInt(0, count($from) - 1)];
    }
}
