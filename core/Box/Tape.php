<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Money;

/** The money gauge as lengths of tape. */
final readonly class Tape
{
    /**
     * @param  list<array{lane: string|null, from: float, width: float}>  $lengths  from the left; the sending gift has
     *     no lane
     * @param  float|null  $budgetAt  where the budget ends, null where there is none
     */
    private function __construct(public array $lengths, public ?float $budgetAt) {}

    /**
     * @param  int  $width  of the whole tape, in drawing units
     *
     * @throws InvalidMoney
     */
    public static function of(MoneyGauge $money, int $width): self
    {
        $end = max(1, $money->tapeEnd()->minor);
        $lengths = [];
        $from = 0.0;
        $costs = array_map(static fn (Money $share): int => $share->minor, $money->byCategory);
        foreach ([...$costs, '' => $money->sendingGift->minor] as $lane => $minor) {
            $length = round($minor / $end * $width, 2);
            if ($length > 0) {
                $lengths[] = ['lane' => $lane === '' ? null : $lane, 'from' => round($from, 2), 'width' => $length];
            }
            $from += $length;
        }

        return new self($lengths, $money->budget === null ? null : round($money->budget->minor / $end * $width, 2));
    }
}
