<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\Lot;
use PluckyWren\Core\Box\Shopping\OnHand;
use PluckyWren\Core\Choose\Supply;
use PluckyWren\Core\Guide\Guide;
use PluckyWren\Core\Guide\TraitFlag;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Stash\ItemTrait;

/** What lies free, by what it is and whom it suits: not what a guide takes out or warns of for an age group. */
final class FreeSupplies
{
    /** @return list<Supply> */
    public static function of(Guide $guide, Catalogue $catalogue): array
    {
        $lots = Lot::query();
        $lots->whereRaw(Lot::HAS_SOME_LEFT)
            ->selectRaw(
                "kind, coalesce(size_label, '') as label, traits, sum(lots.pieces - gone"
                    .' - coalesce((select sum(quantity) from pieces where pieces.lot_id = lots.id), 0)) as free',
            )
            ->groupBy('kind', 'label', 'traits');
        $supplies = [];
        foreach ($lots->toBase()->get() as $row) {
            $kind = $catalogue->get($row->kind);
            $traits = json_decode((string) $row->traits, true);
            $own = array_filter(array_map(
                static fn (mixed $trait): ?ItemTrait => is_string($trait) ? ItemTrait::tryFrom($trait) : null,
                is_array($traits) ? $traits : [],
            ));
            $bands = array_filter(
                $guide->audience->bands,
                static fn (AgeBand $band): bool => OnHand::suits($kind, (string) $row->label, $band)
                    && ! self::isFlagged($guide, $kind, $own, $band),
            );
            $supplies[] = new Supply(
                $kind->id,
                (int) $row->free,
                array_values(array_map(static fn (AgeBand $band): string => $band->id(), $bands)),
            );
        }

        return $supplies;
    }

    /** @param array<ItemTrait> $own */
    private static function isFlagged(Guide $guide, ItemKind $kind, array $own, AgeBand $band): bool
    {
        $traits = [...$kind->care->traits, ...$own];

        return array_filter($guide->flags, static fn (TraitFlag $flag): bool => $flag->weight->mustBeMended()
            && in_array($flag->trait, $traits, true)
            && $flag->holdsFor($band)) !== [];
    }
}
