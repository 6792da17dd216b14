<?php

declare(strict_types=1);

namespace App\Pages\Gather;

use App\Crews\CrewInHand;
use App\Models\Box;
use App\Models\BoxGift;
use App\Models\Crew;
use App\Models\Lot;
use App\Models\Piece;
use App\Queries\SeasonLots;
use App\Words\Words;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Guide\HandIn;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Season\Season;
use PluckyWren\Core\Season\SeasonCosts;
use PluckyWren\Core\Send\GiftState;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\Source;

/**
 * Where a season's money went: from the day after one hand-in to the end of the next. Sums are made where the rows are.
 */
final class SeasonMoney
{
    /** So many gifts are named; a page that thanks for more than that is read by nobody. */
    private const MOST_GIFTS = 200;

    /** @var array{boxes: Money, left: Money, gone: Money}|null */
    private ?array $whereabouts = null;

    private ?SeasonCosts $costs = null;

    private readonly Currency $currency;

    private readonly SeasonLots $lots;

    private function __construct(
        public readonly Season $season,
        private readonly Season $current,
        private readonly Crew $crew,
        private readonly HandIn $handIn,
    ) {
        $this->currency = Currency::of($crew->currency->code, resolve(CrewInHand::class)->notation());
        $this->lots = new SeasonLots($season, $this->currency);
    }

    /** @param mixed $year as it stands in the address; this season where it says nothing that is one */
    public static function of(Crew $crew, CrewInHand $hand, mixed $year = null): self
    {
        $handIn = $hand->guide()->terms->handIn;
        $current = Season::of($handIn, $crew->today());
        $isYear = is_string($year) && preg_match('/^20\d\d$/', $year) === 1;

        return new self($isYear ? Season::closingIn($handIn, (int) $year) : $current, $current, $crew, $handIn);
    }

    /** @return list<int> the seasons that there is anything of, newest first */
    public function years(): array
    {
        $first = Lot::query()->min('got_on');
        $years = [
            $this->current->year,
            $this->season->year,
            ...array_map(intval(...), Box::query()->distinct()->pluck('season')->all()),
        ];
        if (is_string($first)) {
            array_push(
                $years,
                ...range(Season::of($this->handIn, CarbonImmutable::parse($first))->year, $this->current->year),
            );
        }
        rsort($years);

        return array_values(array_unique(array_filter($years, static fn (int $year): bool => $year > 2000)));
    }

    public function isCurrent(): bool
    {
        return $this->season->year === $this->current->year;
    }

    /** Get what the season may cost; it is only known of the one that is under way. */
    public function budget(): ?Money
    {
        return $this->isCurrent() ? $this->crew->season_budget : null;
    }

    public function spentOnThings(): Money
    {
        return $this->costs()->total();
    }

    /**
     * Get what was paid as gifts for this season's boxes. Of a box that was handed in, and of which nothing else is
     * written down, its gift was paid; a gift that the drive waived cost nothing.
     */
    public function giftsPaid(): Money
    {
        $writtenDown = BoxGift::query()
            ->where('season', $this->season->year)
            ->whereHas('payment', static fn (Builder $payment) => $payment->where('state', GiftState::Paid))
            ->sum('amount_minor');

        return $this->money((int) $writtenDown + (int) Box::query()
            ->where('stage', Stage::HandedIn)
            ->where('season', $this->season->year)
            ->whereDoesntHave('gift')
            ->sum('sending_gift_minor'));
    }

    /**
     * Get the gifts that the other boxes on the shelf will ask for, where they are not settled yet; they are handed in
     * when they are ready, whenever they were planned.
     */
    public function promised(): Money
    {
        return $this->money(
            $this->isCurrent()
                ? (int) Box::query()
                    ->where('stage', '<>', Stage::HandedIn)
                    ->whereDoesntHave('gift')
                    ->sum('sending_gift_minor')
                : 0,
        );
    }

    public function spent(): Money
    {
        return $this->spentOnThings()->plus($this->giftsPaid());
    }

    /** Get what is neither spent nor promised, below zero where it is more than the budget; null where none is set. */
    public function free(): ?Money
    {
        return $this->budget()?->minus($this->spent())->minus($this->promised());
    }

    /** @return array<string, Money> dearest source first */
    public function bySource(): array
    {
        $sources = [];
        foreach ($this->costs()->bySource() as $source => $money) {
            $sources[Words::of("gather/stash.sources.{$source}")] = $money;
        }

        return $sources;
    }

    /** @return array<string, Money> dearest lane first */
    public function byLane(): array
    {
        return $this->costs()->byCategory();
    }

    /** @return array<string, Money> by `2026-08`, from the first month to the last there was, empty ones too */
    public function byMonth(): array
    {
        return $this->costs()->byMonth($this->season->from, min($this->season->to, $this->crew->today()));
    }

    /** @return array<string, array<string, Money>> by month like `2026-08`, then by the source's id */
    public function bySourceAndMonth(): array
    {
        return $this->costs()->bySourceAndMonth();
    }

    /** @return list<Lot> the three of which most was saved against the list price */
    public function bestFinds(): array
    {
        return $this->lots->bestFinds(3);
    }

    /** @return list<Lot> the three dearest by the piece */
    public function dearest(): array
    {
        return $this->lots->dearest(3);
    }

    /** Get what the cuts saved against list prices, of those lots whose list price is known. */
    public function saved(): Money
    {
        return $this->costs()->saved();
    }

    public function withoutPrice(): int
    {
        return $this->costs()->withoutPrice();
    }

    /**
     * @return array{boxes: Money, left: Money, gone: Money} where what was paid is now; the three add up to it to the
     *     last cent
     */
    public function whereabouts(): array
    {
        return $this->whereabouts ??= $this->costs()->whereabouts($this->lots->costInBoxes(), $this->lots->costGone());
    }

    /**
     * @return array<string, list<array{
     *     lot: Lot, boxes: list<string>,
     * }>> what each giver gave and which boxes have it
     */
    public function givers(): array
    {
        $givers = [];
        foreach ($this->lots->given(self::MOST_GIFTS) as $lot) {
            $boxes = $lot->setAsidePieces->map(static fn (Piece $piece): string => $piece->box->theme)->all();
            $givers[$lot->place ?? ''][] = ['lot' => $lot, 'boxes' => array_values($boxes)];
        }
        ksort($givers);

        return $givers;
    }

    /** Get how many gifts there are beside those that are named. */
    public function giftsNotNamed(): int
    {
        return max(0, $this->costs()->given() - self::MOST_GIFTS);
    }

    private function costs(): SeasonCosts
    {
        return $this->costs ??= new SeasonCosts($this->lots->costs(), $this->currency, resolve(Catalogue::class));
    }

    private function money(int $minor): Money
    {
        return new Money($minor, $this->currency);
    }
}
