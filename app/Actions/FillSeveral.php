<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Box;
use App\Models\Lot;
use App\Models\Piece;
use App\Refusals\CannotChangeBox;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Box\Beside\SideBySide;
use PluckyWren\Core\Stash\NotEnoughLeft;

/** Fills several boxes in one act: all of it, or nothing. */
final readonly class FillSeveral
{
    public function __construct(private FillBox $fillBox, private Once $once) {}

    /**
     * Put so many into each box; of several lots one box gets the first, the next one the second, and so on.
     *
     * @param  Collection<int, Box>  $boxes
     * @param  non-empty-list<string>  $lots  ids
     * @return int how many boxes got some
     *
     * @throws NotEnoughLeft If they do not reach for all.
     * @throws CannotChangeBox If a lid is on.
     */
    public function put(Collection $boxes, array $lots, int $each): int
    {
        return DB::transaction(function () use ($boxes, $lots, $each): int {
            $this->once->claim();
            $byId = Lot::query()->findOrFail($lots)->keyBy('id');
            $gets = SideBySide::inTurn(
                $lots,
                array_column($boxes->all(), 'id'),
            );
            foreach ($boxes as $box) {
                $this->fillBox->pick($box, $byId[$gets[$box->id]], $each);
            }

            return $boxes->count();
        });
    }

    /**
     * Give each box that has none of a kind what the first of them has of it, to buy where that is to buy.
     *
     * @param  Collection<int, Box>  $boxes
     * @return int how many boxes got some
     *
     * @throws NotEnoughLeft If it does not reach for all.
     * @throws CannotChangeBox If a lid is on.
     */
    public function likeFirst(Collection $boxes, string $kind): int
    {
        return DB::transaction(function () use ($boxes, $kind): int {
            $this->once->claim();
            $of = self::ofKind($boxes, $kind);
            $there = $of->pluck('box_id')->unique();
            $model = $boxes->first(static fn (Box $box): bool => $there->contains($box->id));
            $others = $boxes->reject(static fn (Box $box): bool => $there->contains($box->id));
            foreach ($others as $box) {
                foreach ($of->where('box_id', $model?->id) as $piece) {
                    $piece->lot === null
                        ? $this->fillBox->list($box, $piece->itemKind(), $piece->quantity)
                        : $this->fillBox->pick($box, $piece->lot, $piece->quantity);
                }
            }

            return $model === null ? 0 : $others->count();
        });
    }

    /**
     * Take all of a kind out of each box, that which was still to buy too.
     *
     * @param  Collection<int, Box>  $boxes
     * @return int how many boxes it was looked for in
     *
     * @throws CannotChangeBox If a lid is on.
     */
    public function takeOut(Collection $boxes, string $kind): int
    {
        return DB::transaction(function () use ($boxes, $kind): int {
            $this->once->claim();
            self::ofKind($boxes, $kind)->each($this->fillBox->takeOut(...));

            return $boxes->count();
        });
    }

    /**
     * @param  Collection<int, Box>  $boxes
     * @return Collection<int, Piece> what these hold of a kind, that which is to buy too
     */
    private static function ofKind(Collection $boxes, string $kind): Collection
    {
        $pieces = Piece::query()->with(['box', 'lot']);
        $pieces->whereIn('box_id', $boxes->pluck('id'));

        return $pieces->get()->toBase()->filter(static fn (Piece $piece): bool => $piece->itemKind()->id === $kind);
    }
}
