<?php

declare(strict_types=1);

namespace PluckyWren\Core\Season;

use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;

/** How far the costs of some boxes lie apart. */
final readonly class Spread
{
    /** @param non-empty-list<Money> $all the least first */
    private function __construct(public array $all, public Money $total, public Money $middle) {}

    /**
     * @param  non-empty-list<int>  $minor  what each box cost
     */
    public static function of(array $minor, Currency $currency): self
    {
        sort($minor);
        $half = intdiv(count($minor), 2);
        // Of an even number the two in the middle are halved, half a cent upwards.
        $middle = count($minor) % 2 === 1 ? $minor[$half] : intdiv($minor[$half - 1] + $minor[$half] + 1, 2);

        return new self(
            array_map(static fn (int $one): Money => new Money($one, $currency), $minor),
            new Money(array_sum($minor), $currency),
            new Money($middle, $currency),
        );
    }

    public function least(): Money
    {
        return $this->all[0];
    }

    public function most(): Money
    {
        return $this->all[count($this->all) - 1];
    }
}
