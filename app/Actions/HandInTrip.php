<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Box;
use App\Models\LogBox;
use App\Models\Trip;
use App\Refusals\CannotChangeBox;
use App\Refusals\ChangedMeanwhile;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Send\Track\Docket;

/** All packed boxes of a trip are handed in, in one act; and the numbers that the desk gave, then or later. */
final readonly class HandInTrip
{
    public function __construct(private ChangeBox $changeBox, private KeepLog $keepLog, private Once $once) {}

    /**
     * @param  array<string, Docket>  $dockets  by the box's id, as far as they are known
     * @return int how many were handed in
     *
     * @throws CannotChangeBox|ChangedMeanwhile
     */
    public function execute(Trip $trip, array $dockets): int
    {
        foreach ($this->boxes($trip, Stage::Packed) as $box) {
            $this->changeBox->findPacking($box);
        }

        return DB::transaction(function () use ($trip, $dockets): int {
            $this->once->claim();
            $boxes = $this->boxes($trip, Stage::Packed);
            foreach ($boxes as $box) {
                $this->changeBox->move($box, Stage::HandedIn, Stage::Packed);
            }
            $this->write($trip, $dockets);

            return $boxes->count();
        });
    }

    /** @param array<string, Docket|null> $dockets by the box's id; null where there is none */
    public function dockets(Trip $trip, array $dockets): void
    {
        DB::transaction(fn () => $this->write($trip, $dockets));
    }

    /** @param array<string, Docket|null> $dockets */
    private function write(Trip $trip, array $dockets): void
    {
        $ids = $this->boxes($trip, Stage::HandedIn)->modelKeys();
        foreach (LogBox::query()->whereKey(array_intersect(array_keys($dockets), $ids))->get() as $line) {
            $this->keepLog->docket($line->box_id, $dockets[$line->box_id]);
        }
    }

    /** @return Collection<int, Box> */
    private function boxes(Trip $trip, Stage $stage): Collection
    {
        $ids = $trip->boxes()->pluck('box_id')->all();

        $boxes = Box::query()->with(Box::CONTENTS)->whereKey($ids)->where('stage', $stage);

        return $boxes->get()->sortBy('number')->values();
    }
}
