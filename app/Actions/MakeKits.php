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
    public function __construct(private ChangeLot $changeLot, private Once $once) {}

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
                $lot = Lot::withSetAside()->whereKey($lotId)->firstOrFail();
                $lot->stock()->losing($count * $kit->pieces);
                $row = array_diff_key($lot->getRawOriginal(), ['set_aside' => true]);
                $prepared = LoosePieces::take($lotId, $count * $kit->pieces);
                $parts[$lotId] = [
                    $count, $row, $lot->price_state, $this->takeOff($lot, $count * $kit->pieces), $prepared,
                ];
            }
            $paid = array_sum(array_map(static fn (array $part): int => $part[3]['paid']->minor ?? 0, $parts));
            $isUnknown = array_filter($parts, static fn (array $part): bool => $part[2] === PriceState::Unknown) !== [];
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
            foreach ($parts as $lotId => [$count, $row, , $share, $prepared]) {
                KitPart::query()->create([
                    'crew_id' => $kit->crew_id, 'kit_id' => $kit->id, 'lot_id' => $lotId, 'each' => $count,
                    'paid_minor' => $share['paid']?->minor, 'list_minor' => $share['list']?->minor,
                    'prepared' => $prepared, 'lot' => $row,
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
            $back = 0;
            foreach ($fresh->kitParts as $part) {
                $share = self::share($part->paid_minor, $left, $kits, $currency);
                $list = self::share($part->list_minor, $left, $kits, $currency);
                $prepared = $part->prepared->best($kits * $part->each);
                $this->putBack($part, $kits * $part->each, $share, $list);
                LoosePieces::giveBack($part->lot_id, $prepared);
                $back += $share->minor ?? 0;
                $part->update([
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
            $this->changeLot->correct($fresh, 'taken-apart');
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

    /**
     * @return array{paid: Money|null, list: Money|null} what the pieces that leave the lot cost; null where they cost
     *     nothing, or nobody knows
     */
    private function takeOff(Lot $lot, int $pieces): array
    {
        $share = array_map(
            static fn (?Money $amount): ?Money => $amount?->isZero() === true ? null : $amount,
            $lot->partOff($pieces),
        );
        if ($lot->pieces > 0) {
            $this->changeLot->correct($lot, 'into-kit');
        } else {
            // Its row is kept with the kit, and comes back with its pieces.
            Lot::query()->whereKey($lot->id)->delete();
        }

        return $share;
    }

    private function putBack(KitPart $part, int $pieces, ?Money $share, ?Money $list): void
    {
        $lot = Lot::query()->whereKey($part->lot_id)->first();
        $there = $lot->pieces ?? 0;
        [$paid, $listed] = [self::sum($lot?->paid, $share), self::sum($lot?->list, $list)];
        if ($lot === null) {
            $lot = new Lot;
            $lot->setRawAttributes([...$part->lot, 'gone' => 0, 'prepared' => '[]', 'list_minor' => null]);
            $lot->exists = false;
        }
        [$lot->pieces, $lot->list] = [$there + $pieces, $listed];
        if ($lot->price_state !== PriceState::Unknown) {
            $lot->fill(['paid' => $paid, 'price_state' => $paid === null ? PriceState::Free : PriceState::Paid]);
        }
        $lot->exists ? $this->changeLot->correct($lot, 'out-of-kit') : $lot->save();
    }

    private static function sum(?Money $one, ?Money $other): ?Money
    {
        return $one === null || $other === null ? $one ?? $other : $one->plus($other);
    }
}
