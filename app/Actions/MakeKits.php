<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\KitPart;
use App\Models\Lot;
use App\Refusals\CannotMakeKits;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\PriceState;
use PluckyWren\Core\Money\Shares;
use PluckyWren\Core\Stash\NotEnoughLeft;

/**
 * Puts kits together from lots, and takes them apart again. Pieces and money go along: what was paid for the lots and
 * for the kits together is the same before and after, to the last cent.
 */
final readonly class MakeKits
{
    public function __construct(
        private ChangeLot $changeLot,
        private LotHistory $history,
        private LotParts $lotParts,
        private Once $once,
    ) {}

    /**
     * @param  Lot  $kit  as it is described, not saved yet: so many pieces of it are made
     * @param  array<string, int>  $each  how many go into one kit, by the lot's id
     *
     * @throws NotEnoughLeft If fewer are on hand of something.
     */
    public function make(Lot $kit, array $each): Lot
    {
        return DB::transaction(function () use ($kit, $each): Lot {
            $this->once->claim();
            $parts = [];
            foreach ($each as $lotId => $count) {
                $parts[$lotId] = $this->lotParts->takeOff($lotId, $count * $kit->pieces);
            }
            $paid = array_sum(array_map(static fn (array $part): int => $part['paid']->minor ?? 0, $parts));
            $isUnknown = in_array(PriceState::Unknown, array_column($parts, 'state'), true);
            $kit->fill([
                'is_kit' => true,
                'currency' => $kit->crew->currency->code,
                'paid' => $isUnknown || $paid === 0 ? null : new Money($paid, $kit->crew->currency),
                'price_state' => match (true) {
                    $isUnknown => PriceState::Unknown,
                    $paid === 0 => PriceState::Free,
                    default => PriceState::Paid,
                },
            ])->save();
            $this->history->came($kit);
            foreach ($parts as $lotId => $part) {
                KitPart::query()->create([
                    'crew_id' => $kit->crew_id, 'kit_id' => $kit->id, 'lot_id' => $lotId, 'each' => $each[$lotId],
                    'paid_minor' => $part['paid']?->minor, 'list_minor' => $part['list']?->minor,
                    'prepared' => $part['prepared'], 'lot' => $part['row'],
                ]);
            }

            return $kit;
        });
    }

    /**
     * Take some of the kits apart: what was in them goes back to its lots.
     *
     * @throws NotEnoughLeft If fewer are on hand.
     * @throws CannotMakeKits If it is no kit.
     */
    public function takeApart(Lot $kit, int $kits): void
    {
        DB::transaction(function () use ($kit, $kits): void {
            $this->once->claim();
            $fresh = Lot::withSetAside()->with('kitParts')->whereKey($kit->id)->firstOrFail();
            $fresh->is_kit || throw CannotMakeKits::isNone($fresh->name);
            $fresh->stock()->losing($kits);
            [$left, $currency] = [$fresh->pieces - $kits, $kit->crew->currency];
            $left > 0 || $this->history->goes($fresh);
            $back = 0;
            foreach ($fresh->kitParts as $part) {
                $share = self::share($part->paid_minor, $left, $kits, $currency);
                $list = self::share($part->list_minor, $left, $kits, $currency);
                $prepared = $part->prepared->best($kits * $part->each);
                $this->lotParts->putBack(
                    $part->lot_id, $part->lot, $kits * $part->each, $share, $list, $prepared,
                );
                $back += $share->minor ?? 0;
                // What a kit that is gone was made of is kept with it.
                $left === 0 || $part->update([
                    'paid_minor' => self::rest($part->paid_minor, $share),
                    'list_minor' => self::rest($part->list_minor, $list),
                    'prepared' => $part->prepared->minus($prepared),
                ]);
            }
            if ($left === 0) {
                $fresh->delete();

                return;
            }
            if ($fresh->paid !== null) {
                $fresh->paid = $fresh->paid->minus(new Money($back, $currency));
                $fresh->freeWhereNothingIsLeft();
            }
            $fresh->pieces = $left;
            // What was done to the pieces is told of the lots to which they went.
            $this->changeLot->correct($fresh, 'taken-apart', ['_prepared' => []]);
        });
    }

    /** What so many of a part's kits have of an amount. */
    private static function share(?int $minor, int $left, int $kits, Currency $currency): ?Money
    {
        return $minor === null ? null : Shares::of(new Money($minor, $currency), [$left, $kits])[1];
    }

    /** What stays of an amount; null where nothing does. */
    private static function rest(?int $minor, ?Money $share): ?int
    {
        return ($minor ?? 0) > ($share->minor ?? 0) ? ($minor ?? 0) - ($share->minor ?? 0) : null;
    }
}
