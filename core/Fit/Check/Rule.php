<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Check;

/** One rule of a valid result. */
interface Rule
{
    /** @return list<string> one sentence for each breach, with the piece's id; none where the rule is kept */
    public function breaches(Packing $packing): array;
}
