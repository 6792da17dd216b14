<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Check;

use PluckyWren\Core\Fit\LeftOut;
use PluckyWren\Core\Fit\Placement;

/** Every piece is placed once or left out once, and nothing else is there. */
final class EveryPieceOnce implements Rule
{
    public function breaches(Packing $packing): array
    {
        $told = array_count_values([
            ...array_map(static fn (Placement $placement): string => $placement->id, $packing->result->placements),
            ...array_map(static fn (LeftOut $out): string => $out->id, $packing->result->leftOut),
        ]);
        $breaches = [];
        foreach (array_keys($packing->items) as $id) {
            $times = $told[$id] ?? 0;
            if ($times !== 1) {
                $breaches[] = "{$id} is told {$times} times.";
            }
        }
        foreach (
            array_diff(
                array_map(strval(...), array_keys($told)),
                array_map(strval(...), array_keys($packing->items)),
            ) as $stranger
        ) {
            $breaches[] = "{$stranger} is not in the problem.";
        }

        return $breaches;
    }
}
