<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use App\Database\Contains;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use PluckyWren\Core\Colour\ColourNames;
use PluckyWren\Core\Stash\Catalogue;

/**
 * Which lots are asked for: what can be packed or promised, what goes by a word, and with what along.
 *
 * @phpstan-require-extends Model
 */
trait LotsAskedFor
{
    /** A condition on lots that are here and sound, or kept as they are. */
    public const CAN_BE_PACKED = "lots.due_on is null and coalesce(lots.fault_end, '') <> 'undecided'";

    private const SOME_LEFT = ' and lots.pieces - lots.gone > (select coalesce(sum(p.quantity), 0) '
        .'from pieces p where p.lot_id = lots.id)';

    /** A condition on lots of which pieces are on hand that no box has. */
    public const HAS_SOME_LEFT = self::CAN_BE_PACKED.self::SOME_LEFT;

    /** A condition on lots of which pieces can be promised to a box: on hand, or on their way. */
    public const CAN_BE_PROMISED = "coalesce(lots.fault_end, '') <> 'undecided'".self::SOME_LEFT;

    /**
     * Narrow a query to what goes by a word: its name, kind, tag, colour, place or giver, or where it is kept.
     *
     * @param  Builder<self>  $query
     */
    public static function matching(Builder $query, string $word): void
    {
        $query->where(static function (Builder $query) use ($word): void {
            foreach (['name', 'place', 'tags', 'kept'] as $column) {
                Contains::text($query, $column, $word, 'or');
            }
            $query->orWhereIn('kind', resolve(Catalogue::class)->calledLike($word));
            foreach (resolve(ColourNames::class)->all() as $hex => $name) {
                if (mb_stripos($name, $word) !== false) {
                    $query->orWhere('colours', 'like', "%{$hex}%");
                }
            }
        });
    }

    /**
     * Query lots along with how many of each are promised to boxes.
     *
     * @return Builder<self>
     */
    public static function withSetAside(): Builder
    {
        return self::query()->withSum('setAsidePieces as set_aside', 'quantity');
    }
}
