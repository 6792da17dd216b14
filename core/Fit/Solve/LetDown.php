<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;

/** A packing out of which something was taken: what lay on that comes down, as far as it goes. */
final class LetDown
{
    /**
     * @param  list<Placement>  $placements  all that is left
     * @return list<Placement> the same where something would not lie well then, or has to stay where it is
     */
    public static function of(Problem $problem, array $placements): array
    {
        $layout = $problem->pinned === [] ? Layout::of($problem->box, $placements, $problem->singles()) : null;
        $steps = array_column($placements, 'step', 'id');

        return array_map(
            static fn (Placement $placement): Placement => $placement->withStep($steps[$placement->id]),
            $layout?->settled($layout->rows) ?? $placements,
        );
    }
}
