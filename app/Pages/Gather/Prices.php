<?php

declare(strict_types=1);

namespace App\Pages\Gather;

use App\Crews\CrewInHand;
use App\Models\Crew;
use App\Models\Lot;
use App\Models\TargetPrice;
use App\Queries\LastPaid;
use App\Queries\TargetPrices;
use App\Support\Today;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\Level\PriceLevel;
use PluckyWren\Core\Money\Level\PriceRange;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\Target\PastPrice;
use PluckyWren\Core\Money\Target\PriceHistory;
use PluckyWren\Core\Money\Target\PriceJudge;
use PluckyWren\Core\Money\Target\TargetAmount;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\ItemKind;

/** What the crew paid and wants to pay, by kind; each is read once for a page. */
final class Prices
{
    /** @var array<string, array<string, ExactAmount>>|null by kind and band */
    private ?array $targets = null;

    /** @var array<string, ExactAmount>|null by kind */
    private ?array $lastPaid = null;

    private ?PriceLevel $level = null;

    /** @var array<string, list<Lot>>|null by kind, newest first */
    private ?array $paidLots = null;

    public function __construct(private readonly CrewInHand $crewInHand) {}

    /** Get the target for a band where there is one, or that for all bands. */
    public function target(ItemKind $kind, ?AgeBand $band = null): ?ExactAmount
    {
        $this->targets ??= TargetPrices::each($this->crewInHand->notation());

        $ofKind = $this->targets[$kind->id] ?? [];

        return $ofKind[$band?->id() ?? ''] ?? $ofKind[''] ?? null;
    }

    /** Get the target that was kept for just this band, or for all of them; null where there is none of its own. */
    public function kept(ItemKind $kind, ?AgeBand $band): ?TargetAmount
    {
        return TargetPrice::query()->where('kind', $kind->id)->where('band', $band?->id() ?? '')->first()?->amount();
    }

    public function history(ItemKind $kind): PriceHistory
    {
        $prices = [];
        foreach ($this->paidLotsOf($kind) as $lot) {
            $each = $lot->price()->each;
            if ($each !== null) {
                $prices[] = new PastPrice($each, $lot->got_on, $lot->cameFrom());
            }
        }

        return new PriceHistory(...$prices);
    }

    /**
     * Weigh prices for boxes of several bands: by the least of their targets, so that the piece is worth it for each of
     * them.
     *
     * @param  int  $needed  how many the boxes still lack
     * @param  list<AgeBand>  $bands
     */
    public function judgeFor(ItemKind $kind, int $needed, array $bands): PriceJudge
    {
        $least = null;
        foreach ($bands as $band) {
            $target = $this->target($kind, $band);
            $least = $target !== null && ($least === null || $target->compareTo($least[1]) < 0)
                ? [$band, $target]
                : $least;
        }

        return $this->judge($kind, $needed, $least[0] ?? null);
    }

    /** @param int $needed how many the boxes still lack */
    public function judge(ItemKind $kind, int $needed, ?AgeBand $band = null): PriceJudge
    {
        $today = Today::here();

        return new PriceJudge(
            $this->target($kind, $band),
            $this->history($kind),
            $kind->usage->cheapMonths,
            $needed,
            $today,
            $this->crewInHand->guide()->terms->handIn->daysUntil($today),
        );
    }

    /**
     * Get what a piece of each kind costs, by its id: as last paid, or the target; those that nobody has a price for
     * are left out.
     *
     * @param  iterable<ItemKind>  $kinds
     * @return array<string, ExactAmount>
     */
    public function each(iterable $kinds): array
    {
        $each = [];
        foreach ($kinds as $kind) {
            $known = $this->lastPaid()[$kind->id] ?? $this->target($kind);
            if ($known !== null) {
                $each[$kind->id] = $known;
            }
        }

        return $each;
    }

    /** Get how dear things are where the crew shops: by what it paid, and by what it said that a few things cost. */
    public function level(Crew $crew): PriceLevel
    {
        return $this->level ??= PriceLevel::of($crew->currency, [
            ...array_map(
                static fn (int $minor): ExactAmount => (new Money($minor, $crew->currency))->exactly(),
                $crew->asked_prices,
            ),
            ...$this->lastPaid(),
        ], resolve(Catalogue::class)->priceIndex(...));
    }

    /**
     * Get what one of a kind may cost: as last paid, or the target, else by how dear things are where the crew shops;
     * null where nobody can say.
     */
    public function range(ItemKind $kind): ?PriceRange
    {
        $known = $this->each([$kind])[$kind->id] ?? null;
        if ($known !== null) {
            return PriceRange::exactly($known);
        }
        $crew = $this->crewInHand->crew();

        return $crew === null
            ? null
            : $this->level($crew)->estimate(resolve(Catalogue::class)->priceIndex($kind->id));
    }

    /** Get the newest lot of a kind that was paid for: how it is packed and where it is got. */
    public function latest(ItemKind $kind): ?Lot
    {
        return $this->paidLotsOf($kind)[0] ?? null;
    }

    /** Get where it was cheaper than where it was bought last; null where it was nowhere. */
    public function nextDoor(ItemKind $kind): ?CheaperElsewhere
    {
        return CheaperElsewhere::than($this->paidLotsOf($kind), Today::here());
    }

    /** @return list<Lot> */
    private function paidLotsOf(ItemKind $kind): array
    {
        return $this->paidLots()[$kind->id] ?? [];
    }

    /** @return array<string, ExactAmount> what one was paid for last, by kind */
    private function lastPaid(): array
    {
        return $this->lastPaid ??= LastPaid::each($this->crewInHand->notation());
    }

    /** @return array<string, list<Lot>> by kind, newest first */
    private function paidLots(): array
    {
        return $this->paidLots ??= LastPaid::byKind();
    }
}
