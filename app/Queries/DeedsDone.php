<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\Box;
use App\Models\BoxChange;
use App\Models\LotChange;
use App\Models\RowChange;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** What the crew in hand did, deed by deed, the newest first. */
final class DeedsDone
{
    /**
     * @param  string  $by  whose; everybody's where it is empty
     * @return list<string> ids of deeds
     */
    public static function latest(int $atMost, string $by = ''): array
    {
        $all = null;
        foreach ([BoxChange::class, LotChange::class, RowChange::class] as $model) {
            $query = $model::query()->toBase()->where('deed', '<>', '')->select('deed', 'created_at');
            $by === '' || $query->where('by', $by);
            $all = $all === null ? $query : $all->unionAll($query);
        }
        $deeds = DB::query()->fromSub($all, 'done')->orderByRaw('max(created_at) desc, deed desc');

        return self::first($atMost, $deeds);
    }

    /** @return list<string> ids of those that changed a box */
    public static function latestOn(Box $box, int $atMost): array
    {
        $changes = BoxChange::query()->where('box_id', $box->id)->where('deed', '<>', '');

        return self::first($atMost, $changes->toBase()->orderByRaw('max(id) desc'));
    }

    /** @return list<string> the deeds of the first changes, each once */
    private static function first(int $atMost, Builder $changes): array
    {
        $deeds = $changes->groupBy('deed')->limit($atMost)->pluck('deed');

        return array_values(array_filter($deeds->all(), is_string(...)));
    }

    /**
     * @param  list<string>  $deeds
     * @return array{
     *     boxes: Collection<int, BoxChange>, lots: Collection<int, LotChange>, rows: Collection<int, RowChange>,
     * } their changes, the oldest first
     */
    public static function changes(array $deeds): array
    {
        $boxes = BoxChange::query();
        $lots = LotChange::query();
        $rows = RowChange::query();
        foreach ([$boxes, $lots, $rows] as $query) {
            $query->whereIn('deed', $deeds)->orderBy('id');
        }

        return ['boxes' => $boxes->get(), 'lots' => $lots->get(), 'rows' => $rows->get()];
    }

    /**
     * Determine if all of some changes can be taken back, as far as can be seen without trying.
     *
     * @param  array<array-key, BoxChange|LotChange|RowChange>  $changes
     */
    public static function areOpen(array $changes): bool
    {
        return $changes !== [] && count(array_filter($changes, self::isOpen(...))) === count($changes);
    }

    /** Determine if a change can be taken back, as far as can be seen without trying. */
    private static function isOpen(BoxChange|LotChange|RowChange $change): bool
    {
        $isOtherHalf = $change instanceof LotChange && $change->isOtherHalf();

        return $isOtherHalf ? $change->undone_at === null : $change->canBeUndone();
    }
}
