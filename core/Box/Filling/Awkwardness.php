<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Filling;

use PluckyWren\Core\Fit\BoxShape;

/** How long and how spread out a thing is against a box: a sum of volumes says nothing of it. */
final readonly class Awkwardness
{
    public function __construct(private BoxShape $inside) {}

    /** The share of the floor's length that it is long, and that of the floor that its largest side covers. */
    public function of(Candidate $one): float
    {
        [$long, $wide] = $one->one->thing->measures->size->sides();

        return $long / $this->inside->floorLength
            + $long * $wide / ($this->inside->floorLength * $this->inside->floorWidth);
    }

    public function ofOption(Option $option): float
    {
        return $this->of($option->lots[0][0]);
    }

    /** @return list<Candidate> what is chosen, the most awkward first */
    public function order(Selection $selection): array
    {
        $candidates = array_column($selection->lots(), 0);
        usort($candidates, fn (Candidate $a, Candidate $b): int => $this->of($b) <=> $this->of($a));

        return $candidates;
    }
}
