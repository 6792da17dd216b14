<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\Lot;
use App\Models\Piece;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Collection as Rows;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\PriceState;
use PluckyWren\Core\Season\CostRow;
use PluckyWren\Core\Season\Season;
use PluckyWren\Core\Stash\Source;

/**
 * The lots of the crew in hand that were got in a season; sums are made where the rows are, each in one pass over one
 * index.
 */
final readonly class SeasonLots
{
    public function __construct(private Season $season, private Currency $currency) {}

    /** @return list<CostRow> */
    public function costs(): array
    {
        $query = $this->lots();
        $query->selectRaw(
            "kind, source, substr(got_on, 1, 7) as month, count(*) as lots, sum(case price_state when 'unknown' then 1 "
                .'else 0 end) as without_price, coalesce(sum(paid_minor), 0) as paid, '
                .'sum(case when list_minor > paid_minor then list_minor - paid_minor else 0 end) as saved',
        )
            ->groupBy('kind', 'source', 'month');

        return array_values($query->toBase()->get()->map(static fn (object $row): CostRow => new CostRow(
            $row->kind, Source::from($row->source), $row->month, (int) $row->lots, (int) $row->without_price,
            (int) $row->paid, (int) $row->saved,
        ))->all());
    }

    /** Get what the pieces of these lots cost that are in boxes. */
    public function costInBoxes(): ExactAmount
    {
        $query = Piece::query();
        $query->join('lots', 'lots.id', '=', 'pieces.lot_id')->where('price_state', PriceState::Paid)
            ->whereBetween('got_on', $this->days())
            ->selectRaw('lots.pieces, sum(lots.paid_minor * pieces.quantity) as minor')->groupBy('lots.pieces');

        return $this->shares($query->toBase()->get());
    }

    /** Get what the pieces of these lots cost that broke, were given away or sent back. */
    public function costGone(): ExactAmount
    {
        $query = $this->lots()->where('price_state', PriceState::Paid);
        $query->where('gone', '>', 0)->selectRaw('pieces, sum(paid_minor * gone) as minor')->groupBy('pieces');

        return $this->shares($query->toBase()->get());
    }

    /** @return list<Lot> the dearest by the piece, dearest first */
    public function dearest(int $limit): array
    {
        $ids = $this->lots()->where('price_state', PriceState::Paid)->select('id');
        $ids->orderByRaw('1.0 * paid_minor / pieces desc, id')->limit($limit);

        $query = Lot::query();
        $query->whereIn('id', $ids)->orderByRaw('1.0 * paid_minor / pieces desc, id');

        return array_values($query->get()->all());
    }

    /** @return list<Lot> of which most was saved against the list price, by its part, best first */
    public function bestFinds(int $limit): array
    {
        $lots = $this->lots()->where('price_state', PriceState::Paid);
        $lots->whereColumn('list_minor', '>', 'paid_minor')
            ->orderByRaw('1.0 * paid_minor / list_minor, id')
            ->limit($limit);

        return array_values($lots->get()->all());
    }

    /** @return Collection<int, Lot> what was given, longest ago first, with the boxes that have it */
    public function given(int $limit): Collection
    {
        $query = $this->lots()->with('setAsidePieces.box');
        $query->where('source', Source::Given)->orderBy('got_on')->orderBy('id')->limit($limit);

        return $query->get();
    }

    /** @return Builder<Lot> */
    private function lots(): Builder
    {
        $query = Lot::query();
        $query->whereBetween('got_on', $this->days());

        return $query;
    }

    /** @return array{string, string} */
    private function days(): array
    {
        return [$this->season->from->format('Y-m-d'), $this->season->to->format('Y-m-d')];
    }

    /** @param Rows<int, \stdClass> $rows minor units times pieces, each to be divided by its pieces */
    private function shares(Rows $rows): ExactAmount
    {
        $sum = ExactAmount::zero($this->currency);
        foreach ($rows as $row) {
            $sum = $sum->plus(
                (new Money((int) $row->minor, $this->currency))->exactly()->dividedAmong((int) $row->pieces),
            );
        }

        return $sum;
    }
}
