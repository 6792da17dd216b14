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
    /** @return Collection<int, Box> with `Box::CONTENTS` */
    public static function boxes(CrewInHand $hand): Collection
    {
        return self::sorted(self::query($hand)->with(Box::CONTENTS));
    }

    /** @return Collection<int, Box> with `Box::CONTENTS`, those that are here */
    public static function here(CrewInHand $hand): Collection
    {
        $here = self::query($hand);
        $here->where('stage', '<>', Stage::HandedIn);

        return self::sorted($here->with(Box::CONTENTS));
    }

    /** @return Builder<Box> those that were handed in this year */
    public static function handedIn(CrewInHand $hand): Builder
    {
        $handedIn = self::query($hand);
        $handedIn->where('stage', Stage::HandedIn)->orderBy('number');

        return $handedIn;
    }

    /** @return Builder<Box> */
    private static function query(CrewInHand $hand): Builder
    {
        return BoxesAtHand::query($hand->guide()->terms->handIn, Today::here());
    }

    /**
     * @param  Builder<Box>  $boxes
     * @return Collection<int, Box>
     */
    private static function sorted(Builder $boxes): Collection
    {
        return $boxes->get()->sortBy('number')->values()->toBase();
    }
}
