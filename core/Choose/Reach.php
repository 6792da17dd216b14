<?php

declare(strict_types=1);

namespace PluckyWren\Core\Choose;

use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\Money;

/** How far money reaches: how many of the boxes that lie in the stash can be sent, and how many more can be made. */
final readonly class Reach
{
    private function __construct(public int $sent, public int $more) {}

    /**
     * @param  int  $makes  complete boxes that there are
     * @param  Money  $money  that is left for them; less than none sends none
     * @param  Money  $gift  for the shipping of a box
     * @param  list<ExactAmount>  $costs  of what is to come in for one box more, for two, and so on
     */
    public static function of(int $makes, Money $money, Money $gift, array $costs): self
    {
        if ($gift->isZero()) {
            $sent = $makes;
        } else {
            $sent = max(0, min($makes, intdiv(max(0, $money->minor), $gift->minor)));
        }
        $more = 0;
        foreach ($sent === $makes ? $costs : [] as $index => $cost) {
            $asked = $cost->rounded()->minor + ($makes + $index + 1) * $gift->minor;
            if ($asked > $money->minor) {
                break;
            }
            $more = $index + 1;
        }

        return new self($sent, $more);
    }
}
