<?php

declare(strict_types=1);

namespace App\Fit;

use App\Models\Lot;
use App\Models\Piece;
use PluckyWren\Core\Box\FitProblem;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Fit\Answer\Swap;
use PluckyWren\Core\Fit\Answer\SwapWay;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\Packaging;

/**
 * What each piece of a box could be swapped for: a smaller one in the stash, itself out of its packaging, folded
 * flatter, or emptied.
 */
final readonly class SwapCandidates
{
    /** Cloth that lies thicker than this, in tenths of a millimetre, can be folded once less. An estimate. */
    private const FOLDS_FROM = 120;

    /** An emptied pouch lies so flat, in tenths of a millimetre. An estimate. */
    private const EMPTY_POUCH = 80;

    /** A swap for less than this share smaller is not worth the trouble. */
    private const WORTH = 0.9;

    public function __construct(private Catalogue $catalogue) {}

    /**
     * @param  iterable<Piece>  $pieces  the same pieces as the plan's, with their lots
     * @return list<Swap>
     */
    public function of(Plan $plan, iterable $pieces): array
    {
        $lots = [];
        foreach ($pieces as $piece) {
            $lots[$piece->id] = $piece->lot;
        }
        $onHand = $this->onHand($plan);
        $swaps = [];
        foreach ($plan->pieces as $piece) {
            $item = FitProblem::item($piece, $plan);
            array_push($swaps, ...$this->itself($piece, $item, $lots[$piece->id] ?? null));
            $emptied = $this->emptied($piece, $item, $plan);
            array_push($swaps, ...($emptied === null ? [] : [$emptied]));
            foreach ($this->smaller($piece, $lots[$piece->id] ?? null, $onHand[$piece->kind->id] ?? []) as $lot) {
                $swaps[] = new Swap(SwapWay::Smaller, $item->sized($lot->sizeInBox()), $lot->name, $lot->id);
            }
        }

        return $swaps;
    }

    /**
     * Smaller ones of its kind in the stash that a piece could be swapped for, the largest of them first.
     *
     * @return list<Swap>
     */
    public function smallerFor(Plan $plan, Piece $piece): array
    {
        $planned = array_column($plan->pieces, null, 'id')[$piece->id] ?? null;
        if ($planned === null) {
            return [];
        }
        $item = FitProblem::item($planned, $plan);
        $lots = $this->smaller($planned, $piece->lot, $this->onHand($plan)[$planned->kind->id] ?? []);
        usort(
            $lots,
            static fn (Lot $one, Lot $other): int => $other->sizeInBox()->volume() <=> $one->sizeInBox()->volume(),
        );

        return array_map(
            static fn (Lot $lot): Swap => new Swap(
                SwapWay::Smaller, $item->sized($lot->sizeInBox()), $lot->name, $lot->id,
            ),
            $lots,
        );
    }

    /** @return list<Swap> */
    private function itself(PlannedPiece $piece, Item $item, ?Lot $lot): array
    {
        $swaps = [];
        if ($piece->thing->measures->packaging === Packaging::Stays && $lot !== null) {
            $swaps[] = new Swap(SwapWay::Unpacked, $item->sized($lot->size), $piece->name);
        }
        if ($item->form === Form::Cloth && $item->leastSide() >= self::FOLDS_FROM) {
            $swaps[] = new Swap(SwapWay::Folded, $item->foldedTo(intdiv($item->leastSide(), 2)), $piece->name);
        }

        return $swaps;
    }

    /** A pouch or kit as the flat thing it is when empty, and what it holds beside it. */
    private function emptied(PlannedPiece $piece, Item $item, Plan $plan): ?Swap
    {
        $contents = $piece->thing->inside->things;
        $isUnknown = fn (array $one): bool => ! $this->catalogue->has($one[0]->kind->id);
        if ($contents === [] || $item->form->keepsItsSides() || array_filter($contents, $isUnknown) !== []) {
            return null;
        }
        $beside = array_map(static fn (array $one): Item => FitProblem::item(
            new PlannedPiece(
                "{$piece->id}-{$one[0]->kind->id}",
                $one[0],
                $one[1] * $piece->quantity,
                $piece->price,
                $piece->source,
            ),
            $plan,
        ), $contents);
        [$length, $width, $thickness] = $item->size->sides();

        return new Swap(
            SwapWay::Emptied,
            $item->sized(new Size($length, $width, min($thickness, self::EMPTY_POUCH))),
            $piece->name,
            null,
            $beside,
        );
    }

    /** @return array<string, list<Lot>> lots with pieces left of the kinds in a plan, by kind */
    private function onHand(Plan $plan): array
    {
        $query = Lot::withSetAside();
        $query->whereRaw(Lot::HAS_SOME_LEFT)->whereIn(
            'kind',
            array_map(static fn (PlannedPiece $piece): string => $piece->kind->id, $plan->pieces),
        );
        $lots = [];
        foreach ($query->get() as $lot) {
            $lots[$lot->kind][] = $lot;
        }

        return $lots;
    }

    /**
     * @param  list<Lot>  $alike  of the same kind
     * @return list<Lot> on hand in the number wanted, and smaller
     */
    private function smaller(PlannedPiece $piece, ?Lot $lot, array $alike): array
    {
        return array_values(
            array_filter(
                $alike,
                static fn (Lot $other): bool => $other->id !== $lot?->id
                    && $other->sizeInBox()->volume() < self::WORTH * $piece->thing->measures->size->volume()
                    && $other->stock()->onHand() >= $piece->quantity,
            ),
        );
    }
}
