<?php

declare(strict_types=1);

namespace PluckyWren\Core\Choose;

use PluckyWren\Core\Recipient\Recipient;

/** A sort of box that is wanted: for whom, and what each has to hold. */
final readonly class BoxSort
{
    /**
     * @param  list<Demand>  $demands
     * @param  int  $wanted  how many the crew would like; the others come after those that are wanted most
     */
    public function __construct(public Recipient $recipient, public array $demands, public int $wanted = 0) {}
}
