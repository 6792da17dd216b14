<?php

declare(strict_types=1);

namespace App\Pages\Plan;

/** What the picker offers, best first. */
final readonly class Offers
{
    /**
     * @param  list<Offer>  $shown
     * @param  int  $more  how many there are beside those shown
     */
    public function __construct(public array $shown, public int $more) {}
}
