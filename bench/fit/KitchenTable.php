<?php

declare(strict_types=1);

namespace Bench\Fit;

use PluckyWren\Core\Box\FitProblem;
use PluckyWren\Core\Box\Funds;
use PluckyWren\Core\Box\PieceChoices;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Solve\Bundles;
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

    /** How near the share of the room that a box takes comes to the one that is asked for. */
    private const NEAR = 0.02;

    /** What packers count among the must-haves and this guide does not ask for. */
    private const IN_MOST_BOXES = ['ruler', 'glue-stick', 'plasters', 'nail-clippers'];

    /** Two in three boxes have their school things, and two in three their care things, in a pouch. */
    private const KITS = ['pencil-case' => Category::School, 'washbag' => Category::Care];

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

    /** A box of which everything, pressed as far as it goes, takes 60 to 80 % of the room, as often as much as less. */
    public function plan(int $seed): Plan
    {
        $this->random = new Randomizer(new Mt19937($seed));
        // Evenly from the least to the most: where the share came out as it did, most boxes were among the fullest.
        $asked = $this->random->getInt(620, 780) / 1000;
        do {
            $plan = $this->drawn($seed % 4 === 0 ? 'tapered-tub' : 'straight-card', $asked);
            $isAsAsked = abs($this->share($plan) - $asked) <= self::NEAR;
        } while (! $isAsAsked || ! self::riders($plan)->allRide());

        return $plan;
    }

    /** @param float $asked what of the room everything should take, pressed as far as it goes */
    private function drawn(string $box, float $asked): Plan
    {
        $guide = Data::guide();
        $band = $this->one($guide->audience->bands);
        $euro = static fn (int $cents): Money => new Money($cents, Currency::of('EUR'));
        $boxKind = Data::boxKinds()->get($box);
        $recipient = new Recipient($band, $this->one([Gender::Girl, Gender::Boy]));
        $plan = new Plan($recipient, $guide, $boxKind, new Funds($euro(900), null), []);
        foreach ($guide->needs as $need) {
            $kinds = $this->usual($need->kindsIn($this->catalogue), $plan);
            $count = $need->countFor($recipient);
            if ($count > 0 && $kinds !== []) {
                $kind = $this->one($kinds);
                $usual = max($need->usualFor($recipient) ?? 0, $kind->usualCount($band));
                $plan = $this->with($plan, $kind, max($count, $usual));
            }
        }
        $plan = $this->toppedUp($plan, $this->wished($plan), $asked);
        $plan = $this->bottleFilled($plan);
        foreach (self::KITS as $bag => $category) {
            $plan = $this->random->getInt(0, 2) === 0 ? $plan : $this->kit($plan, $bag, $category);
        }

        return $this->toppedUp($plan, $this->extras($plan), $asked);
    }

    /** @param list<ItemKind> $kinds of which one after the other goes in, until all that is there takes its share */
    private function toppedUp(Plan $plan, array $kinds, float $asked): Plan
    {
        $share = $this->share($plan);
        foreach ($kinds as $kind) {
            if ($share >= $asked) {
                break;
            }
            // One lead, one friend, one thing to drink from.
            $isOnce = in_array($kind->category, [Category::Lead, Category::Soft], true)
                || ($kind->category === Category::Carry && $kind->handling->cavity !== null)
                || array_filter($plan->pieces, static fn (PlannedPiece $piece): bool => $piece->kind === $kind) !== [];
            $more = $isOnce
                ? $plan
                : self::inItsBag($this->with($plan, $kind, max(1, $kind->usualCount($plan->recipient->band))));
            $taken = $isOnce ? $share : $this->share($more);
            if ($taken <= $asked + self::NEAR) {
                [$plan, $share] = [$more, $taken];
            }
        }

        return $plan;
    }

    /** @return list<ItemKind> two in three of what the guide wishes for and of what else is in most boxes */
    private function wished(Plan $plan): array
    {
        $kinds = $this->usual(self::IN_MOST_BOXES, $plan);
        foreach ($plan->guide->wishes as $wish) {
            $usual = $this->usual($wish->kindsIn($this->catalogue), $plan);
            $kinds = $usual === [] ? $kinds : [...$kinds, $this->one($usual)];
        }

        return array_values(array_filter($kinds, fn (): bool => $this->random->getInt(0, 2) > 0));
    }

    /** @return list<ItemKind> what is usual at that age, in an order left to chance */
    private function extras(Plan $plan): array
    {
        return $this->random->shuffleArray($this->usual($this->catalogue->ids(), $plan));
    }

    /** What of a box everything takes, pressed as far as it goes; a pouch takes what is in it, a bottle what it is. */
    public function share(Plan $plan): float
    {
        $problem = self::riders($plan)->problem();
        $volume = 0.0;
        foreach ($problem->items as $item) {
            $volume += $item->quantity * $item->pressedVolume();
        }

        return $volume / $problem->box->volume();
    }

    /** What is put into bottles and pouches, pencils in one bundle. */
    private static function riders(Plan $plan): Riders
    {
        return new Riders((new Bundles(FitProblem::of($plan)))->problem(), 1);
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

    /** A pouch with what there is of a category, as far as it goes in. */
    private function kit(Plan $plan, string $bag, Category $category): Plan
    {
        $plan = $this->with($plan, $this->catalogue->get($bag), 1);
        $pouch = count($plan->pieces) - 1;
        foreach ($plan->pieces as $at => $piece) {
            if ($piece->kind->category === $category && $at !== $pouch) {
                $plan = self::into($plan, $at, $pouch);
            }
        }

        return $plan;
    }

    /** The last of a plan in the pouch for such things, where there is one and it goes in. */
    private static function inItsBag(Plan $plan): Plan
    {
        $last = count($plan->pieces) - 1;
        foreach ($plan->pieces as $at => $piece) {
            if ($at !== $last && (self::KITS[$piece->kind->id] ?? null) === $plan->pieces[$last]->kind->category) {
                return self::into($plan, $last, $at);
            }
        }

        return $plan;
    }

    /** With one of its pieces in a pouch, unless it rides elsewhere, holds something, or does not go in. */
    private static function into(Plan $plan, int $at, int $pouch): Plan
    {
        $pieces = $plan->pieces;
        if ($pieces[$at]->kind->handling->cavity !== null || $pieces[$at]->choices->into !== null) {
            return $plan;
        }
        $pieces[$at] = $pieces[$at]->choosing(new PieceChoices(into: $pieces[$pouch]->id));
        $more = $plan->with(pieces: $pieces);

        return self::riders($more)->allRide() ? $more : $plan;
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
