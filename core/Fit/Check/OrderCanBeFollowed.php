<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Check;

/** What lies beneath goes in before what lies above, and what is nested before its holder. */
final class OrderCanBeFollowed implements Rule
{
    public function breaches(Packing $packing): array
    {
        $breaches = [];
        foreach ($packing->pairs() as [$one, $other]) {
            [$under, $over] = $one->part->top() <= $other->part->top() ? [$one, $other] : [$other, $one];
            if ($under->id() !== $over->id()
                && ! $packing->isOneBundle($under->id(), $over->id())
                && $under->part->top() <= $over->part->z + Tolerance::LENGTH
                && $under->planOverlap($over) > Tolerance::LENGTH
                && $under->placement->step >= $over->placement->step) {
                $breaches[] = "{$under->id()} lies under {$over->id()} and goes in after it.";
            }
        }
        $steps = array_column($packing->result->placements, 'step', 'id');
        foreach ($packing->contents as $holder => $placements) {
            foreach ($placements as $placement) {
                if ($placement->step >= ($steps[$holder] ?? 0)) {
                    $breaches[] = "{$placement->id} goes into {$holder} after {$holder} is in the box.";
                }
            }
        }

        return $breaches;
    }
}
