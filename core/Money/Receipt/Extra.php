<?php

declare(strict_types=1);

namespace PluckyWren\Core\Money\Receipt;

use Brick\Math\BigRational;
use PluckyWren\Core\Money\Money;

/** A line of a receipt that is no thing, and which things it touches. */
final readonly class Extra
{
    /**
     * @param  Money|null  $amount  as the till adds it, below zero where it comes off; null where it is a percentage
     * @param  BigRational|null  $percent  of what the touched things come to at that point, below zero where it comes
     *     off
     * @param  list<int>|null  $touches  places of things on the receipt; null for all of them
     * @param  array{int, int}|null  $buyPay  of so many so many are paid
     */
    public function __construct(
        public ExtraKind $kind,
        public ?Money $amount,
        public ?BigRational $percent = null,
        public ?array $touches = null,
        public ?array $buyPay = null,
    ) {}
}
