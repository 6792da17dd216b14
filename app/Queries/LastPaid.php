<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\Lot;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\Notation;
use PluckyWren\Core\Money\PriceState;

/** What the crew in hand paid last. */
final class LastPaid
{
    /** @return array<string, ExactAmount> for one, by kind */
    public static function each(Notation $notation): array
    {
        $newestFirst = 'row_number() over (partition by kind order by got_on desc, id) as place';
        $paid = self::lots()->toBase();
        $paid->select('kind', 'paid_minor', 'pieces', 'currency')->selectRaw($newestFirst);
        $each = [];
        foreach (DB::query()->fromSub($paid, 'paid')->where('place', 1)->get() as $row) {
            $amount = new Money((int) $row->paid_minor, Currency::of((string) $row->currency, $notation));
            $each[(string) $row->kind] = $amount->exactly()->dividedAmong((int) $row->pieces);
        }

        return $each;
    }

    /** @return array<string, list<Lot>> all of it by kind, newest first */
    public static function byKind(): array
    {
        $lots = [];
        $newestFirst = self::lots();
        $newestFirst->orderByDesc('got_on')->orderBy('id');
        foreach ($newestFirst->get() as $lot) {
            $lots[$lot->kind][] = $lot;
        }

        return $lots;
    }

    /** @return Builder<Lot> what was paid for; what came back in part was no price that anyone asks */
    private static function lots(): Builder
    {
        $query = Lot::query()->where('price_state', PriceState::Paid);
        $query->where('back_minor', 0)->whereRaw("coalesce(fault_end, '') <> 'sent-back'");

        return $query;
    }
}
