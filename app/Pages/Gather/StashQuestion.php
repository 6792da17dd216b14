<?php

declare(strict_types=1);

namespace App\Pages\Gather;

use App\Models\Lot;
use App\Models\Piece;
use App\Support\Today;
use Illuminate\Contracts\Pagination\LengthAwarePaginator;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\Request;
use PluckyWren\Core\Money\PriceState;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\Category;
use PluckyWren\Core\Stash\Stock;

/** What is asked of the stash, kept in the address. */
final readonly class StashQuestion
{
    public const ONLY = ['on-hand', 'no-price', 'no-source', 'unused', 'wrong'];

    public const SORTS = ['name', 'newest', 'oldest', 'cheapest'];

    private const A_PAGE = 50;

    private function __construct(
        private Catalogue $catalogue,
        public string $search,
        public ?Category $lane,
        public ?AgeBand $band,
        public string $only,
        public string $sort,
        public string $year,
    ) {}

    /** @param list<AgeBand> $bands */
    public static function of(Request $request, Catalogue $catalogue, array $bands): self
    {
        $text = static fn (string $name): string => is_string($typed = $request->query($name))
            ? trim(mb_substr($typed, 0, 80))
            : '';
        $band = array_values(array_filter($bands, static fn (AgeBand $band): bool => $band->id() === $text('band')));

        return new self(
            $catalogue,
            $text('q'),
            Category::tryFrom($text('lane')),
            $band[0] ?? null,
            in_array($text('only'), self::ONLY, true) ? $text('only') : '',
            in_array($text('sort'), self::SORTS, true) ? $text('sort') : 'name',
            preg_match('/^20\d\d$/', $text('year')) === 1 ? $text('year') : '',
        );
    }

    public function asksForSome(): bool
    {
        return $this->search !== ''
            || $this->lane !== null
            || $this->band !== null
            || $this->only !== ''
            || $this->year !== '';
    }

    /**
     * The address's question with some of it changed; what says nothing is left out.
     *
     * @param  array<string, string|null>  $changes
     * @return array<string, string>
     */
    public function query(array $changes = []): array
    {
        $query = [
            'q' => $this->search,
            'lane' => $this->lane?->value,
            'band' => $this->band?->id(),
            'only' => $this->only,
            'year' => $this->year,
            'sort' => $this->sort === 'name' ? '' : $this->sort,
        ];

        return array_filter(
            [...$query, ...$changes],
            static fn (?string $value): bool => $value !== null && $value !== '',
        );
    }

    /** @return LengthAwarePaginator<int, Lot> */
    public function lots(): LengthAwarePaginator
    {
        $query = Lot::withSetAside()->withExists('photo');
        $kinds = $this->kinds();
        if ($kinds !== null) {
            $query->whereIn('kind', $kinds);
        }
        if ($this->search !== '') {
            Lot::matching($query, $this->search);
        }
        if ($this->year !== '') {
            $query->whereBetween('got_on', ["{$this->year}-01-01", "{$this->year}-12-31"]);
        }
        $this->narrow($query);
        match ($this->sort) {
            'newest' => $query->orderByDesc('got_on')->orderBy('name'),
            'oldest' => $query->orderBy('got_on')->orderBy('name'),
            'cheapest' => $query->orderByRaw('paid_minor is null, 1.0 * paid_minor / lots.pieces')->orderBy('name'),
            default => $query->orderBy('name')->orderBy('id'),
        };

        return $query->paginate(self::A_PAGE)->appends($this->query());
    }

    /**
     * @return array<string, array{lots: int, pieces: int, setAside: int, stock: Stock}> by lane, whatever else is asked
     */
    public function drawers(): array
    {
        $lots = Lot::query();
        $lots->selectRaw('kind, count(*) as lots, sum(pieces - gone) as pieces')->groupBy('kind');
        // From the pieces to their lots: there are far fewer of those that boxes have.
        $setAside = Piece::query();
        $setAside->whereNotNull('lot_id')
            ->selectRaw('(select lots.kind from lots where lots.id = lot_id) as of_kind, sum(quantity) as set_aside')
            ->groupBy('of_kind');
        $promised = $setAside->toBase()->pluck('set_aside', 'of_kind');
        $drawers = array_fill_keys(
            array_map(static fn (Category $lane): string => $lane->value, Category::cases()),
            ['lots' => 0, 'pieces' => 0, 'setAside' => 0],
        );
        foreach ($lots->toBase()->get() as $row) {
            $lane = $this->catalogue->get($row->kind)->category->value;
            $drawers[$lane]['lots'] += (int) $row->lots;
            $drawers[$lane]['pieces'] += (int) $row->pieces;
            $drawers[$lane]['setAside'] += (int) ($promised[$row->kind] ?? 0);
        }

        return array_map(static fn (array $drawer): array => [
            ...$drawer,
            // An empty drawer is drawn as one of which nothing is left.
            'stock' => new Stock('', max(1, $drawer['pieces']), $drawer['pieces'] === 0 ? 1 : $drawer['setAside']),
        ], $drawers);
    }

    /** @param Builder<Lot> $query */
    private function narrow(Builder $query): void
    {
        match ($this->only) {
            'on-hand' => $query->whereRaw(Lot::HAS_SOME_LEFT),
            'no-price' => $query->where('price_state', PriceState::Unknown),
            'wrong' => $query->whereNotNull('fault'),
            'no-source' => $query->where(
                static fn (Builder $query): Builder => $query->where('place', null)->orWhere('place', ''),
            ),
            'unused' => $query->where(
                'got_on',
                '<',
                Today::here()->subYear()->toDateString(),
            )->doesntHave('setAsidePieces'),
            default => null,
        };
    }

    /** @return list<string>|null null where all kinds are meant */
    private function kinds(): ?array
    {
        if ($this->lane === null && $this->band === null) {
            return null;
        }
        $kinds = $this->lane === null ? $this->catalogue->all() : $this->catalogue->ofCategory($this->lane);
        $band = $this->band;
        if ($band !== null) {
            $kinds = array_filter(
                $kinds,
                static fn ($kind): bool => array_filter(
                    $kind->usage->counts,
                    static fn (array $usual): bool => $usual[0]->sharedYears($band) > 0,
                ) !== [],
            );
        }

        return array_keys($kinds);
    }
}
