<?php

declare(strict_types=1);

namespace App\Pages\Send;

use App\Models\Box;
use App\Models\LogBox;
use App\Models\Trip;
use App\Pages\Plan\BoxSheet;
use App\Pages\Plan\BoxSheets;
use Illuminate\Support\Collection;
use PluckyWren\Core\Box\BoxKind;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Guide\Guide;
use PluckyWren\Core\Send\Readiness;
use PluckyWren\Core\Send\Trip\CartonBox;
use PluckyWren\Core\Send\Trip\CartonLoad;
use PluckyWren\Core\Send\Trip\TripDoubt;

/** A trip: what goes along, in how many of the drive's cartons, and what its desk and its trackers told. */
final readonly class TripPage
{
    /**
     * @param  Collection<int, BoxSheet>  $sheets  of the boxes that go along, by number
     * @param  array<string, Readiness>  $readiness  of those that are packed, by the box's id
     * @param  Collection<string, LogBox>  $lines  of those that were handed in, by the box's id
     * @param  list<TripDoubt>  $doubts
     * @param  array<string, array{holds: int, tenths: int}>  $wasted  of the kinds of box that go along, by name
     */
    private function __construct(
        public Trip $trip,
        public Collection $sheets,
        public array $readiness,
        public Collection $lines,
        public array $doubts,
        public CartonLoad $load,
        public array $wasted,
    ) {}

    public static function of(Trip $trip, BoxSheets $sheets, Guide $guide): self
    {
        $boxes = Box::query()
            ->with([...Box::CONTENTS, 'gift.payment'])
            ->whereKey($trip->boxes->modelKeys())
            ->get()
            ->sortBy('number')
            ->values()
            ->toBase();
        $packed = $sheets->known($boxes);
        $kinds = $boxes->map(static fn (Box $box): BoxKind => $box->boxKind());

        return new self(
            $trip,
            $packed,
            $packed->filter(static fn (BoxSheet $sheet): bool => $sheet->box->stage === Stage::Packed)
                ->mapWithKeys(static fn (BoxSheet $sheet): array => [$sheet->box->id => Readiness::of(
                    $sheet->plan, $sheet->box->closingTicks(), $sheet->box->giftLacks(),
                )])->all(),
            LogBox::query()->with('track')->whereKey($boxes->pluck('id')->all())->get()->keyBy('box_id')->toBase(),
            TripDoubt::of($guide->terms->handIn, $trip->place, $trip->goes_on),
            CartonLoad::of($guide->terms->carton, array_values($boxes->map(self::inCarton(...))->all())),
            CartonLoad::wasted(
                $guide->terms->carton,
                $kinds->mapWithKeys(static fn (BoxKind $kind): array => [$kind->name => $kind->outside])->all(),
            ),
        );
    }

    private static function inCarton(Box $box): CartonBox
    {
        return new CartonBox($box->code()->text, $box->boxKind()->id, $box->boxKind()->outside);
    }

    /** How many are packed and wait to be handed in. */
    public function waiting(): int
    {
        return count($this->readiness);
    }

    /** How many have no lid on yet. */
    public function unpacked(): int
    {
        return $this->sheets->count() - $this->waiting() - $this->handedIn();
    }

    public function handedIn(): int
    {
        return $this->lines->count();
    }
}
