<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Box;
use App\Models\Crew;
use App\Models\Lot;
use App\Models\Piece;
use App\Reference\Guides;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\Notation;
use PluckyWren\Core\Money\PriceState;
use PluckyWren\Core\Stash\Category;
use PluckyWren\Core\Stash\Source;

/** Where a season's money went: from the day after one hand-in to the end of the next. */
final readonly class SeasonMoney
{
    /**
     * @param  Collection<int, Lot>  $lots  got this season
     * @param  Collection<int, Box>  $boxes  of all stages
     */
    private function __construct(public CarbonImmutable $from, public CarbonImmutable $to, private Crew $crew, private Collection $lots, private Collection $boxes) {}

    public static function of(Crew $crew, Guides $guides): self
    {
        $to = CarbonImmutable::instance($guides->current()->handIn->closes(CarbonImmutable::now()));
        $from = $to->subYear()->addDay();
        $lots = Lot::query()->with('setAsidePieces.box')->where('got_on', '>=', $from->toDateString())->where('got_on', '<=', $to->toDateString())->get();
        $boxes = Box::query()->get();

        return new self($from, $to, $crew, $lots->sortBy('got_on')->values()->toBase(), $boxes->toBase());
    }

    public function budget(): ?Money
    {
        return $this->crew->season_budget;
    }

    public function spentOnThings(): Money
    {
        return $this->sum($this->lots);
    }

    /** Get the sending gifts of boxes handed in: those are paid. */
    public function giftsPaid(): Money
    {
        return $this->gifts(static fn (Box $box): bool => $box->stage->value === 'handed-in');
    }

    /** Get the sending gifts that the other boxes on the shelf will ask for. */
    public function promised(): Money
    {
        return $this->gifts(static fn (Box $box): bool => $box->stage->value !== 'handed-in');
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
        return $this->parted(static fn (Lot $lot): string => Words::of("stash.sources.{$lot->source->value}"));
    }

    /** @return array<string, Money> dearest lane first */
    public function byLane(): array
    {
        return $this->parted(static fn (Lot $lot): string => $lot->itemKind()->category->value);
    }

    /** @return array<string, Money> by `2026-08`, from the first month to this one, empty ones too */
    public function byMonth(): array
    {
        $months = [];
        for ($month = $this->from->startOfMonth(); $month <= CarbonImmutable::now(); $month = $month->addMonth()) {
            $months[$month->format('Y-m')] = $this->sum($this->lots->filter(static fn (Lot $lot): bool => $lot->got_on->format('Y-m') === $month->format('Y-m')));
        }

        return $months;
    }

    /** @return list<Lot> the three dearest by the piece */
    public function dearest(): array
    {
        $paid = $this->lots->filter(static fn (Lot $lot): bool => $lot->price_state === PriceState::Paid)->all();
        usort($paid, static fn (Lot $one, Lot $other): int => ($other->price()->each ?? self::nothing($other))->compareTo($one->price()->each ?? self::nothing($one)));

        return array_slice($paid, 0, 3);
    }

    /** Get what the cuts saved against list prices, of those lots whose list price is known. */
    public function saved(): Money
    {
        return $this->lots->reduce(
            static fn (Money $sum, Lot $lot): Money => $lot->list !== null && $lot->paid !== null && $lot->list->isMoreThan($lot->paid) ? $sum->plus($lot->list->minus($lot->paid)) : $sum,
            Money::zero($this->crew->currency),
        );
    }

    public function withoutPrice(): int
    {
        return $this->lots->filter(static fn (Lot $lot): bool => $lot->price_state === PriceState::Unknown)->count();
    }

    /** @return array<string, list<array{lot: Lot, boxes: list<string>}>> what each giver gave and which boxes have it */
    public function givers(): array
    {
        $givers = [];
        foreach ($this->lots as $lot) {
            if ($lot->source === Source::Given) {
                $boxes = $lot->setAsidePieces->map(static fn (Piece $piece): string => $piece->box->theme)->all();
                $givers[$lot->place ?? ''][] = ['lot' => $lot, 'boxes' => array_values($boxes)];
            }
        }
        ksort($givers);

        return $givers;
    }

    public function laneOf(string $value): Category
    {
        return Category::from($value);
    }

    /** @param callable(Box): bool $which */
    private function gifts(callable $which): Money
    {
        return $this->boxes->filter($which)->reduce(static fn (Money $sum, Box $box): Money => $sum->plus($box->sending_gift), Money::zero($this->crew->currency));
    }

    /**
     * @param  callable(Lot): string  $by
     * @return array<string, Money>
     */
    private function parted(callable $by): array
    {
        $parts = [];
        foreach ($this->lots as $lot) {
            if ($lot->paid !== null) {
                $key = $by($lot);
                $parts[$key] = ($parts[$key] ?? Money::zero($this->crew->currency))->plus($lot->paid);
            }
        }
        uasort($parts, static fn (Money $one, Money $other): int => $other->minor <=> $one->minor);

        return $parts;
    }

    /** @param Collection<int, Lot> $lots */
    private function sum(Collection $lots): Money
    {
        return $lots->reduce(static fn (Money $sum, Lot $lot): Money => $lot->paid === null ? $sum : $sum->plus($lot->paid), Money::zero($this->crew->currency));
    }

    private static function nothing(Lot $lot): ExactAmount
    {
        return ExactAmount::zero($lot->paid->currency ?? Currency::of($lot->currency, resolve(Notation::class)));
    }
}
