<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

use PluckyWren\Core\Money\Apportionment;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Stash\Category;

/**
 * What the pieces of a box cost as it is written wherever they stand: rounded so that they add up to what all of them
 * cost, in their lanes and in the whole.
 */
final readonly class PieceCosts
{
    /**
     * @return array<string, Money> by the piece's id, lane after lane; without those of which nobody knows the price
     *
     * @throws InvalidMoney
     */
    public static function of(Plan $plan): array
    {
        $exact = [];
        foreach (self::byLane($plan) as $piece) {
            $cost = $piece->cost();
            if ($cost !== null) {
                $exact[$piece->id] = $cost;
            }
        }

        return $exact === [] ? [] : Apportionment::of($exact);
    }

    /** @return list<PlannedPiece> lane after lane */
    public static function byLane(Plan $plan): array
    {
        return array_merge(...array_map($plan->ofCategory(...), Category::cases()));
    }
}
