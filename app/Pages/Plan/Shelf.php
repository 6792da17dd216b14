<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Crews\CrewInHand;
use App\Models\Box;
use App\Queries\BoxesAtHand;
use App\Support\Today;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use PluckyWren\Core\Box\Stage;

/** The boxes that stand on the shelf, by number. */
final class Shelf
{
    /** @return Collection<int, Box> with `Box::CONTENTS_HERE`, those that are here */
    public static function here(CrewInHand $hand): Collection
    {
        return self::query($hand, '<>')->with(Box::CONTENTS_HERE)->get()->toBase();
    }

    /** @return Builder<Box> those that were handed in this year */
    public static function handedIn(CrewInHand $hand): Builder
    {
        return self::query($hand, '=');
    }

    /**
     * @param  '='|'<>'  $is  whether those that were handed in, or all others
     * @return Builder<Box>
     */
    private static function query(CrewInHand $hand, string $is): Builder
    {
        $boxes = BoxesAtHand::query($hand->guide()->terms->handIn, Today::here());
        $boxes->where('stage', $is, Stage::HandedIn)->orderBy('number');

        return $boxes;
    }
}
