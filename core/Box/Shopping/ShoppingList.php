<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Shopping;

use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Box\StartingList;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Stash\Preparation\TasksInACircle;

/** What all boxes together still lack, less what is on hand: the must-haves first, then by lane. */
final class ShoppingList
{
    /**
     * @var array<string, array{kind: ItemKind, must: bool, needed: int, onHand: int, byBox: array<string, int>}> by
     *     kind
     */
    private array $lines = [];

    /** @param OnHand $onHand used up as boxes are gone through */
    private function __construct(private readonly Catalogue $catalogue, private readonly OnHand $onHand) {}

    /**
     * @param  array<string, Plan>  $plans  by the box's id
     * @return list<ShoppingLine>
     *
     * @throws TasksInACircle
     */
    public static function of(array $plans, OnHand $onHand, Catalogue $catalogue): array
    {
        $list = new self($catalogue, clone $onHand);
        foreach ($plans as $box => $plan) {
            $list->addListed($box, $plan);
        }
        foreach ($plans as $box => $plan) {
            $list->addMissing($box, $plan);
        }
        $lines = array_values(array_map(
            static fn (array $line): ShoppingLine => new ShoppingLine(
                $line['kind'],
                $line['must'],
                $line['needed'],
                $line['onHand'],
                $line['byBox'],
            ),
            $list->lines,
        ));
        $lane = array_flip($catalogue->ids());
        usort(
            $lines,
            static fn (ShoppingLine $one, ShoppingLine $other): int => $other->isMust <=> $one->isMust
                ?: $lane[$one->kind->id] <=> $lane[$other->kind->id],
        );

        return $lines;
    }

    /** What stands on a box's own list to buy. */
    private function addListed(string $box, Plan $plan): void
    {
        foreach ($plan->pieces as $piece) {
            if ($piece->isToBuy()) {
                $this->add($box, $piece->kind, $piece->quantity, self::isNeeded($piece->kind, $plan), $plan);
            }
        }
    }

    /**
     * What no list holds yet: any alternative that is on hand counts, the rest is what the guide's list would buy.
     *
     * @throws TasksInACircle
     */
    private function addMissing(string $box, Plan $plan): void
    {
        foreach ($plan->guide->needsFilled($plan->recipient, $plan->held())->missing() as $state) {
            $lacks = $state->lacks();
            foreach ($state->need->kindsIn($this->catalogue) as $kind) {
                $there = min($lacks, $this->onHand->of($kind, $plan->recipient->band));
                if ($there > 0) {
                    $this->add($box, $this->catalogue->get($kind), $there, true, $plan);
                    $lacks -= $there;
                }
            }
            foreach ((new StartingList($this->catalogue))->share($state, $lacks, $plan) as $kind => $count) {
                $this->add($box, $this->catalogue->get($kind), $count, true, $plan);
            }
        }
    }

    private function add(string $box, ItemKind $kind, int $count, bool $isMust, Plan $plan): void
    {
        $line = $this->lines[$kind->id]
            ?? ['kind' => $kind, 'must' => false, 'needed' => 0, 'onHand' => 0, 'byBox' => []];
        $there = $this->onHand->take($kind->id, $plan->recipient->band, $count);
        $line['must'] = $line['must'] || $isMust;
        $line['needed'] += $count;
        $line['onHand'] += $there;
        $line['byBox'][$box] = ($line['byBox'][$box] ?? 0) + $count;
        $this->lines[$kind->id] = $line;
    }

    private static function isNeeded(ItemKind $kind, Plan $plan): bool
    {
        foreach ($plan->guide->needsFor($plan->recipient) as $need) {
            if ($need->takesKind($kind)) {
                return true;
            }
        }

        return false;
    }
}
