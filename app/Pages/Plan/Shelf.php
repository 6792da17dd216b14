<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Crews\CrewInHand;
use App\Models\Box;
use App\Queries\BoxesAtHand;
use App\Support\Today;
use Illuminate\Support\Collection;

/** The boxes that stand on the shelf. */
final class Shelf
{
    /** @return Collection<int, Box> with `Box::CONTENTS`, by number */
    public static function boxes(CrewInHand $hand): Collection
    {
        return BoxesAtHand::query($hand->guide()->terms->handIn, Today::here())
            ->with(Box::CONTENTS)
            ->get()
            ->sortBy('number')
            ->values()
            ->toBase();
    }
}
