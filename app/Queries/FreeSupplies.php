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
    /**
     * @param  bool  $withKitsOpened  whether what lies in kits counts instead of these
     * @return list<Supply>
     */
    public static function of(Guide $guide, Catalogue $catalogue, bool $withKitsOpened = false): array
    {
        $lots = Lot::query();
        $withKitsOpened && $lots->where('is_kit', false);
        $lots->whereRaw(Lot::HAS_SOME_LEFT)
            ->selectRaw(
                "kind, coalesce(size_label, '') as label, traits, sum(lots.pieces - gone"
                    .' - coalesce((select sum(quantity) from pieces where pieces.lot_id = lots.id), 0)) as free',
            )
            ->groupBy('kind', 'label', 'traits');
        $supplies = $withKitsOpened ? self::inKits($guide) : [];
        foreach ($lots->toBase()->get() as $row) {
            $kind = $catalogue->get($row->kind);
            $traits = json_decode((string) $row->traits, true);
            $own = array_filter(array_map(
                static fn (mixed $trait): ?ItemTrait => is_string($trait) ? ItemTrait::tryFrom($trait) : null,
                is_array($traits) ? $traits : [],
            ));
            $supplies[] = self::supply($guide, $kind, (string) $row->label, $own, (int) $row->free);
        }

        return $supplies;
    }

    /** Determine if there are kits that could be opened. */
    public static function haveKits(): bool
    {
        $kits = Lot::query()->where('is_kit', true);

        return $kits->whereRaw(Lot::HAS_SOME_LEFT)->exists();
    }

    /** @return list<Supply> what lies in the kits that lie free */
    private static function inKits(Guide $guide): array
    {
        $kits = Lot::withSetAside()->where('is_kit', true);
        $kits->whereRaw(Lot::HAS_SOME_LEFT);
        $supplies = [];
        foreach ($kits->get() as $kit) {
            foreach ($kit->thing()->inside->things as [$thing, $count]) {
                $pieces = $count * $kit->stock()->onHand();
                $supplies[] = self::supply($guide, $thing->kind, $thing->sizeLabel ?? '', $thing->traits, $pieces);
            }
        }

        return $supplies;
    }

    /** @param array<ItemTrait> $own traits that it has beside its kind's */
    private static function supply(Guide $guide, ItemKind $kind, string $label, array $own, int $pieces): Supply
    {
        $bands = array_filter(
            $guide->audience->bands,
            static fn (AgeBand $band): bool => OnHand::suits($kind, $label, $band)
                && ! self::isFlagged($guide, $kind, $own, $band),
        );

        return new Supply(
            $kind->id,
            $pieces,
            array_values(array_map(static fn (AgeBand $band): string => $band->id(), $bands)),
        );
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
