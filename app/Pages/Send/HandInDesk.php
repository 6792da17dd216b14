<?php

declare(strict_types=1);

namespace App\Pages\Send;

use App\Models\Box;
use App\Models\GiftPayment;
use App\Models\Trip;
use App\Pages\Plan\BoxSheet;
use App\Pages\Plan\BoxSheets;
use App\Queries\BoxesAtHand;
use App\Queries\TripsAhead;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Guide\HandIn;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Send\Deed;
use PluckyWren\Core\Send\Gifts;
use PluckyWren\Core\Send\Readiness;

/** What lies before the hand-in: the packed boxes with what each still lacks, and the shipping gifts. */
final readonly class HandInDesk
{
    /**
     * @param  Collection<int, BoxSheet>  $packed
     * @param  Collection<int, BoxSheet>  $handedIn
     * @param  array<string, Readiness>  $readiness  of the packed ones, by the box's id
     * @param  Collection<int, Box>  $owing  whose shipping gift is not settled, packed or handed in
     * @param  Collection<int, GiftPayment>  $payments  of boxes of these, the last first
     * @param  Collection<int, Trip>  $trips  with `boxes`, the earliest first
     */
    private function __construct(
        public Collection $packed,
        public Collection $handedIn,
        public array $readiness,
        public Collection $owing,
        public Collection $payments,
        public Gifts $gifts,
        public Collection $trips,
    ) {}

    public static function of(BoxSheets $sheets, Currency $currency, HandIn $handIn, CarbonImmutable $today): self
    {
        $query = BoxesAtHand::query($handIn, $today)->with([...Box::CONTENTS, 'gift.payment']);
        $query->whereIn('stage', Stage::lidOn());
        $boxes = $query->get()
            ->sortBy('number')
            ->values()
            ->toBase();
        [$packed, $handedIn] = $sheets->known($boxes)->partition(
            static fn (BoxSheet $sheet): bool => $sheet->box->stage === Stage::Packed,
        );
        $readiness = $packed->mapWithKeys(static fn (BoxSheet $sheet): array => [
            $sheet->box->id => Readiness::of($sheet->plan, $sheet->box->closingTicks(), $sheet->box->giftLacks()),
        ])->all();

        return new self(
            $packed,
            $handedIn,
            $readiness,
            $boxes->filter(static fn (Box $box): bool => $box->gift === null && ! $box->sending_gift->isZero()),
            GiftPayment::query()
                ->with('boxes')
                ->whereKey($boxes->map(static fn (Box $box): ?int => $box->gift?->gift_payment_id)->filter()->unique())
                ->get()
                ->sortByDesc(static fn (GiftPayment $one): array => [$one->settled_on->toDateString(), $one->id])
                ->values()
                ->toBase(),
            Gifts::of(
                $boxes->map(static fn (Box $box): array => [
                    $box->sending_gift, $box->gift?->payment->state, $box->gift?->amount,
                ])->all(),
                $currency,
            ),
            TripsAhead::of($handIn, $today)->toBase(),
        );
    }

    /** @return array<string, int> how many boxes lack each deed, by its id; without those that none lacks */
    public function lacking(): array
    {
        $counts = [];
        foreach (Deed::cases() as $deed) {
            $counts[$deed->value] = count(array_filter(
                $this->readiness,
                static fn (Readiness $readiness): bool => in_array($deed, $readiness->lacks, true),
            ));
        }

        return array_filter($counts);
    }
}
