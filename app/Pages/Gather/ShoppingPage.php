<?php

declare(strict_types=1);

namespace App\Pages\Gather;

use App\Models\Box;
use App\Models\Crew;
use App\Models\Lot;
use App\Models\ShoppingTick;
use App\Words\Words;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use PluckyWren\Core\Box\Shopping\BoxOutlook;
use PluckyWren\Core\Box\Shopping\ShoppingLine;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\Level\PriceLevel;
use PluckyWren\Core\Money\Level\PriceRange;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\PriceState;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\ItemKind;

/** What is still to buy, by the place where it was bought last; and whether each box then stays within its budget. */
final readonly class ShoppingPage
{
    /** So many of those without a price are listed. */
    private const UNPRICED = 8;

    /**
     * @param  Collection<string, Collection<int, ShoppingRow>>  $places  by the place
     * @param  Collection<string, array{Box, BoxOutlook}>  $outlooks
     * @param  Collection<int, ShoppingLine>  $covered  what is on hand already
     * @param  Collection<string, Box>  $boxes  those that may still be filled, by id
     * @param  PriceRange  $estimate  what all of it costs, as far as that is known or can be estimated
     * @param  int  $guessed  how many lines of it are only estimated
     * @param  int  $withoutEstimate  how many are not even that
     * @param  bool  $isAsked  whether more prices would be needed for estimates
     * @param  array<string, string>  $inBaskets  who has it in the basket, by kind
     * @param  Collection<int, Lot>  $unpriced  the latest things that came without a price
     * @param  int  $unpricedCount  how many there are of those in all
     * @param  array<string, string>  $asked  what the crew said that a few things cost, as typed, by kind
     */
    private function __construct(
        public Collection $places,
        public Collection $outlooks,
        public PriceRange $estimate,
        public int $guessed,
        public int $withoutEstimate,
        public bool $isAsked,
        public Collection $covered,
        private Collection $boxes,
        public array $inBaskets,
        public array $asked,
        public Collection $unpriced,
        public int $unpricedCount,
    ) {}

    public static function of(Shortfall $shortfall, Prices $prices, Crew $crew): self
    {
        $level = $prices->level($crew);
        $catalogue = resolve(Catalogue::class);
        $lines = $shortfall->lines();
        $estimates = [];
        foreach ($lines as $line) {
            $estimates[$line->kind->id] = $level->estimate($catalogue->priceIndex($line->kind->id));
        }
        $estimates = array_filter($estimates);
        $rows = self::rows($shortfall, $prices, $estimates);
        $nothing = PriceRange::exactly(ExactAmount::zero($crew->currency));

        return new self(
            $rows->groupBy(static fn (ShoppingRow $row): string => $row->place())->sortKeysDesc(),
            self::outlooks($shortfall, $prices, $estimates),
            $rows->reduce(
                static fn (PriceRange $sum, ShoppingRow $row): PriceRange => $sum->plus($row->cost() ?? $nothing),
                $nothing,
            ),
            $rows->filter(static fn (ShoppingRow $row): bool => $row->guess() !== null)->count(),
            $rows->filter(static fn (ShoppingRow $row): bool => $row->cost() === null)->count(),
            $level->count() < PriceLevel::LEAST,
            collect($lines)->filter(static fn (ShoppingLine $line): bool => $line->onHand > 0),
            $shortfall->boxes(),
            ShoppingTick::inBaskets(),
            array_map(
                static fn (int $minor): string => (new Money($minor, $crew->currency))->typed(),
                $crew->asked_prices,
            ),
            self::unpriced(self::UNPRICED)->get()->toBase(),
            self::unpriced()->count(),
        );
    }

    public function hasBoxes(): bool
    {
        return $this->boxes->isNotEmpty();
    }

    /** @return Collection<string, Box> those that need a line's kind, by id */
    public function boxesFor(ShoppingLine $line): Collection
    {
        return $this->boxes->intersectByKeys($line->byBox);
    }

    /** How much there is to buy, and what it costs as far as that is known, in words. */
    public function says(): string
    {
        $lines = $this->places->flatten(1)->count();
        if ($this->withoutEstimate === $lines) {
            return trans_choice('gather/shopping.lines', $lines).' '.Words::of('gather/shopping.unknown-all');
        }
        $low = $this->estimate->low->rounded()->format();
        $cost = Words::of('gather/shopping.sum', [
            'amount' => $this->estimate->isOne() ? $low : Words::of('gather/shopping.range', [
                'low' => $low, 'high' => $this->estimate->high->rounded()->format(),
            ]),
            'currency' => $this->estimate->low->currency->code,
        ]);

        return implode(' ', array_filter([
            trans_choice('gather/shopping.lines-about', $lines, ['cost' => $cost]),
            match ($this->guessed) {
                0 => '',
                $lines - $this->withoutEstimate => Words::of('gather/shopping.guessed-all'),
                default => trans_choice('gather/shopping.guessed', $this->guessed),
            },
            $this->withoutEstimate === 0 ? '' : trans_choice('gather/shopping.unknown', $this->withoutEstimate),
        ]));
    }

    /** Determine if everything that is got at a place is in somebody's basket. */
    public function isAllIn(string $place): bool
    {
        return ($this->places[$place] ?? collect())->every(
            fn (ShoppingRow $row): bool => isset($this->inBaskets[$row->line->kind->id]),
        );
    }

    /** Get the id of the next place, in the list's order and round again, where something is still to get. */
    public function nextPlace(string $place): ?string
    {
        $places = $this->places->keys()->map(strval(...))->all();
        $at = (int) array_search($place, $places, true);
        foreach (array_keys($places) as $step) {
            $next = ($at + $step) % count($places);
            if (! $this->isAllIn($places[$next])) {
                return "place-{$next}";
            }
        }

        return null;
    }

    /**
     * @param  int|null  $most  of the latest at most so many; null for all
     * @return Builder<Lot> what is in the stash, or was, without anybody knowing what it cost
     */
    private static function unpriced(?int $most = null): Builder
    {
        $query = Lot::query();
        $query->where('price_state', PriceState::Unknown)->where('is_kit', false);
        $most === null || $query->orderByDesc('got_on')->orderByDesc('id')->limit($most);

        return $query;
    }

    /**
     * @param  array<string, PriceRange>  $estimates  what one may cost, by kind
     * @return Collection<int, ShoppingRow> what is still to buy
     */
    private static function rows(Shortfall $shortfall, Prices $prices, array $estimates): Collection
    {
        $themes = $shortfall->boxes()->map(static fn (Box $box): string => $box->theme);

        return collect($shortfall->lines())
            ->filter(static fn (ShoppingLine $line): bool => $line->toBuy() > 0)
            ->map(static fn (ShoppingLine $line): ShoppingRow => new ShoppingRow(
                $line,
                $prices->latest($line->kind),
                $prices->judgeFor($line->kind, $line->toBuy(), $shortfall->bandsOf($line->kind))->measure(),
                array_values($themes->only(array_keys($line->byBox))->all()),
                $estimates[$line->kind->id] ?? null,
                $prices->nextDoor($line->kind),
            ));
    }

    /**
     * @param  array<string, PriceRange>  $estimates  what one may cost, by kind
     * @return Collection<string, array{Box, BoxOutlook}> of the boxes that lack something
     */
    private static function outlooks(Shortfall $shortfall, Prices $prices, array $estimates): Collection
    {
        $lines = $shortfall->lines();
        $each = $prices->each(array_map(static fn (ShoppingLine $line): ItemKind => $line->kind, $lines));

        return $shortfall->boxes()
            ->filter(static fn (Box $box): bool => array_filter(
                $lines,
                static fn (ShoppingLine $line): bool => isset($line->byBox[$box->id]),
            ) !== [])
            ->map(static fn (Box $box): array => [
                $box, BoxOutlook::of($box->id, $box->plan(), $lines, $each, $estimates),
            ]);
    }
}
