<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Lot;
use App\Models\TopupBag;
use App\Models\TopupPiece;
use App\Support\Member;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Money\PriceState;
use PluckyWren\Core\Stash\NotEnoughLeft;
use PluckyWren\Core\Stash\Source;

/** Puts what is left over into bags for the drive, and takes it out again; what is in a bag is not on hand any more. */
final readonly class FillTopup
{
    public function __construct(private ChangeLot $changeLot, private Once $once) {}

    /**
     * @param  array<string, int>  $counts  how many of each lot, by its id
     *
     * @throws NotEnoughLeft If fewer are on hand.
     */
    public function pack(TopupBag $bag, array $counts): TopupBag
    {
        return DB::transaction(function () use ($bag, $counts): TopupBag {
            $this->once->claim();
            $bag->by = Member::name();
            $bag->save();
            foreach (Lot::query()->whereKey(array_keys($counts))->get()->sortBy('name') as $lot) {
                $this->changeLot->lose($lot, $counts[$lot->id], 'given-away');
                TopupPiece::query()->create([
                    'crew_id' => $bag->crew_id, 'bag_id' => $bag->id, 'lot_id' => $lot->id, 'name' => $lot->name,
                    'kind' => $lot->kind, 'giver' => $lot->source === Source::Given ? $lot->place : null,
                    'quantity' => $counts[$lot->id],
                    'paid_minor' => $lot->price_state === PriceState::Unknown ? null : $lot->paid->minor ?? 0,
                    'pieces' => $lot->pieces, 'currency' => $lot->paid->currency ?? $bag->crew->currency,
                ]);
            }

            return $bag;
        });
    }

    /** Everything goes back to where it was, as far as its lot is still there. */
    public function unpack(TopupBag $bag): void
    {
        DB::transaction(function () use ($bag): void {
            foreach ($bag->pieces()->get() as $piece) {
                $piece->delete();
                $lot = $piece->lot_id === null ? null : Lot::query()->find($piece->lot_id);
                if ($lot !== null) {
                    $lot->gone = max(0, $lot->gone - $piece->quantity);
                    $this->changeLot->correct($lot);
                }
            }
            TopupBag::destroy($bag->id);
        });
    }

    /** @param bool $isThere whether they are handed in now; false takes that back */
    public function handIn(TopupBag $bag, bool $isThere): void
    {
        DB::transaction(static fn () => TopupBag::query()->findOrFail($bag->id)->update([
            'handed_in_on' => $isThere ? $bag->crew->today() : null,
        ]));
    }
}
