<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Box;
use App\Models\Crew;
use App\Models\Lot;
use App\Models\Piece;
use App\Reference\Guides;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Guide\HandIn;
use PluckyWren\Core\Money\Apportionment;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\Notation;
use PluckyWren\Core\Money\PriceState;
use PluckyWren\Core\Season\Season;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\Category;
use PluckyWren\Core\Stash\Source;

/** Where a season's money went: from the day after one hand-in to the end of the next. Sums are made where the rows are. */
final class SeasonMoney
{
    /** So many gifts are named; a page that thanks for more than that is read by nobody. */
    private const MOST_GIFTS = 200;

    /** @var array{boxes: Money, left: Money, gone: Money}|null */
    private ?array $whereabouts = null;

    private function __construct(public readonly Season $season, private readonly Season $current, private readonly Crew $crew, private readonly HandIn $handIn) {}

    /** @param mixed $year as it stands in the address; this season where it says nothing that is one */
    public static function of(Crew $crew, Guides $guides, mixed $year = null): self
    {
        $handIn = $guides->current()->handIn;
        $current = Season::of($handIn, $crew->today());
        $isYear = is_string($year) && preg_match('/^20\d\d$/', $year) === 1;

        return new self($isYear ? Season::closingIn($handIn, (int) $year) : $current, $current, $crew, $handIn);
    }

    /** @return list<int> the seasons that there is anything of, newest first */
    public function years(): array
    {
        $first = Lot::query()->min('got_on');
        $years = [$this->current->year, $this->season->year, ...array_map(intval(...), Box::query()->distinct()->pluck('season')->all())];
        if (is_string($first)) {
            array_push($years, ...range(Season::of($this->handIn, CarbonImmutable::parse($first))->year, $this->current->year));
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
        return $this->money((int) $this->lots()->sum('paid_minor'));
    }

    /** Get the gifts of this season's boxes that were handed in: those are paid. */
    public function giftsPaid(): Money
    {
        return $this->money((int) Box::query()->where('stage', Stage::HandedIn)->where('season', $this->season->year)->sum('sending_gift_minor'));
    }

    /** Get the gifts that the other boxes on the shelf will ask for; they are handed in when they are ready, whenever they were planned. */
    public function promised(): Money
    {
        return $this->money($this->isCurrent() ? (int) Box::query()->where('stage', '<>', Stage::HandedIn)->sum('sending_gift_minor') : 0);
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
        foreach ($this->sums('source') as $source => $minor) {
            $sources[Words::of("stash.sources.{$source}")] = $this->money($minor);
        }

        return self::dearestFirst($sources);
    }

    /** @return array<string, Money> dearest lane first */
    public function byLane(): array
    {
        $lanes = [];
        foreach ($this->sums('kind') as $kind => $minor) {
            $lane = resolve(Catalogue::class)->get($kind)->category->value;
            $lanes[$lane] = ($lanes[$lane] ?? $this->money(0))->plus($this->money($minor));
        }

        return self::dearestFirst($lanes);
    }

    /** @return array<string, Money> by `2026-08`, from the first month to the last there was, empty ones too */
    public function byMonth(): array
    {
        $query = $this->lots();
        $query->selectRaw('substr(got_on, 1, 7) as month, sum(paid_minor) as minor')->groupBy('month');
        $sums = $query->toBase()->pluck('minor', 'month');
        $months = [];
        $last = min($this->season->to, $this->crew->today());
        for ($month = CarbonImmutable::instance($this->season->from)->startOfMonth(); $month <= $last; $month = $month->addMonth()) {
            $months[$month->format('Y-m')] = $this->money((int) ($sums[$month->format('Y-m')] ?? 0));
        }

        return $months;
    }

    /** @return list<Lot> the three dearest by the piece */
    public function dearest(): array
    {
        $query = $this->lots();
        $query->where('price_state', PriceState::Paid)->orderByRaw('1.0 * paid_minor / pieces desc, id')->limit(3);

        return array_values($query->get()->all());
    }

    /** Get what the cuts saved against list prices, of those lots whose list price is known. */
    public function saved(): Money
    {
        $query = $this->lots();
        $query->whereRaw('list_minor > paid_minor');

        return $this->money((int) $query->toBase()->selectRaw('coalesce(sum(list_minor - paid_minor), 0) as saved')->value('saved'));
    }

    public function withoutPrice(): int
    {
        return $this->lots()->where('price_state', PriceState::Unknown)->count();
    }

    /** @return array{boxes: Money, left: Money, gone: Money} where what was paid is now; the three add up to it to the last cent */
    public function whereabouts(): array
    {
        return $this->whereabouts ??= $this->apportioned();
    }

    /** @return array<string, list<array{lot: Lot, boxes: list<string>}>> what each giver gave and which boxes have it */
    public function givers(): array
    {
        $query = $this->lots()->with('setAsidePieces.box');
        $query->where('source', Source::Given)->orderBy('got_on')->orderBy('id')->limit(self::MOST_GIFTS);
        $givers = [];
        foreach ($query->get() as $lot) {
            $boxes = $lot->setAsidePieces->map(static fn (Piece $piece): string => $piece->box->theme)->all();
            $givers[$lot->place ?? ''][] = ['lot' => $lot, 'boxes' => array_values($boxes)];
        }
        ksort($givers);

        return $givers;
    }

    /** Get how many gifts there are beside those that are named. */
    public function giftsNotNamed(): int
    {
        return max(0, $this->lots()->where('source', Source::Given)->count() - self::MOST_GIFTS);
    }

    public function laneOf(string $value): Category
    {
        return Category::from($value);
    }

    /** @return array{boxes: Money, left: Money, gone: Money} */
    private function apportioned(): array
    {
        $sums = ['boxes' => ExactAmount::zero($this->crew->currency), 'left' => ExactAmount::zero($this->crew->currency), 'gone' => ExactAmount::zero($this->crew->currency)];
        $query = $this->lots();
        $query->where('price_state', PriceState::Paid)
            ->selectRaw('pieces, gone, (select coalesce(sum(p.quantity), 0) from pieces p where p.lot_id = lots.id) as in_boxes, sum(paid_minor) as minor')
            ->groupBy('pieces', 'gone', 'in_boxes');
        foreach ($query->toBase()->get() as $row) {
            $each = $this->money((int) $row->minor)->exactly()->dividedAmong((int) $row->pieces);
            $counts = ['boxes' => (int) $row->in_boxes, 'gone' => (int) $row->gone, 'left' => (int) $row->pieces - (int) $row->in_boxes - (int) $row->gone];
            foreach ($counts as $where => $count) {
                $sums[$where] = $sums[$where]->plus($each->times($count));
            }
        }

        $parts = Apportionment::of($sums);

        return ['boxes' => $parts['boxes'], 'left' => $parts['left'], 'gone' => $parts['gone']];
    }

    /** @return Builder<Lot> those got in the season */
    private function lots(): Builder
    {
        $query = Lot::query();
        $query->whereBetween('got_on', [$this->season->from->format('Y-m-d'), $this->season->to->format('Y-m-d')]);

        return $query;
    }

    /**
     * @param  'source'|'kind'  $column
     * @return array<string, int> minor units by the column's value; what cost nothing is left out
     */
    private function sums(string $column): array
    {
        $query = $this->lots()->where('price_state', PriceState::Paid);
        $query->selectRaw("{$column}, sum(paid_minor) as minor")->groupBy($column);

        return array_map(intval(...), $query->toBase()->pluck('minor', $column)->all());
    }

    private function money(int $minor): Money
    {
        return new Money($minor, Currency::of($this->crew->currency->code, resolve(Notation::class)));
    }

    /**
     * @param  array<string, Money>  $parts
     * @return array<string, Money>
     */
    private static function dearestFirst(array $parts): array
    {
        uasort($parts, static fn (Money $one, Money $other): int => $other->minor <=> $one->minor);

        return $parts;
    }
}
