<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use App\Crews\CrewInHand;
use App\Reference\Kinds;
use App\Reference\Labels;
use Illuminate\Database\Eloquent\Model;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\Price;
use PluckyWren\Core\Stash\Cost;
use PluckyWren\Core\Stash\FaultEnd;
use PluckyWren\Core\Stash\InsideFields;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Stash\Lot as LotValue;
use PluckyWren\Core\Stash\Measures;
use PluckyWren\Core\Stash\Packaging;
use PluckyWren\Core\Stash\Preparation\Prepared;
use PluckyWren\Core\Stash\Source;
use PluckyWren\Core\Stash\Stock;
use PluckyWren\Core\Stash\Thing;

/**
 * A lot as the core knows it: what it is, what it cost, how many are left, and as a piece of a box.
 *
 * @phpstan-require-extends Model
 */
trait LotAsValue
{
    /**
     * Get what is known of the lot from which a piece of a handed-in box came; it is not in the table, and may never be
     * put there.
     *
     * @param  array{Money, int}|null  $pack  what was paid for how many together
     */
    public static function asItWas(PlannedPiece $piece, string $place, ?array $pack): self
    {
        return new self([
            'kind' => $piece->kind->id,
            'name' => $piece->name,
            'pieces' => $pack[1] ?? $piece->quantity,
            'price_state' => $piece->price->state,
            'currency' => $piece->price->each?->currency->code,
            'paid' => $pack[0] ?? null,
            'source' => $piece->source ?? Source::Shop,
            'place' => $place,
            'size_label' => $piece->thing->sizeLabel,
            'traits' => $piece->thing->traits,
            'holds' => InsideFields::written($piece->thing->inside),
            'said' => $piece->thing->said,
        ]);
    }

    /** Get how many there are and how many are promised; load the lot by `withSetAside` first. */
    public function stock(): Stock
    {
        // Loaded along with it, a lot that no box has comes with null.
        $setAside = array_key_exists('set_aside', $this->getAttributes())
            ? $this->set_aside
            : $this->setAsidePieces()->sum('quantity');

        return new Stock(
            $this->name,
            $this->pieces,
            (int) $setAside,
            $this->gone,
            $this->due_on !== null,
            $this->fault_end === FaultEnd::Undecided,
        );
    }

    /** Get the price of one of them. */
    public function price(): Price
    {
        return $this->cost()->price($this->pieces);
    }

    /** Get the size that it takes up in a box. */
    public function sizeInBox(): Size
    {
        return $this->thingInBox()->measures->size;
    }

    public function itemKind(): ItemKind
    {
        return $this->said->of(resolve(Kinds::class)->inHand()->get($this->kind));
    }

    /**
     * Get so many of it as a piece of a box, with all that is known of it: the one way from a lot to a planned piece.
     *
     * @param  Prepared  $done  what was done to how many of those pieces
     */
    public function planned(string $id, int $quantity, Prepared $done = new Prepared): PlannedPiece
    {
        return new PlannedPiece(
            $id,
            $this->thingInBox(),
            $quantity,
            $this->price(),
            $this->source,
            $done,
        );
    }

    /** Put what the core knows of a lot into the row. */
    public function describe(LotValue $lot): self
    {
        $thing = $lot->thing;

        return $this->fill([
            'kind' => $thing->kind->id,
            'name' => $thing->name,
            'pieces' => $lot->pieces,
            'price_state' => $lot->cost->state,
            'currency' => $lot->cost->currency->code,
            'paid' => $lot->cost->paid,
            'list' => $lot->cost->list,
            'pack_pieces' => $lot->cost->packPieces,
            'source' => $lot->origin->source,
            'place' => $lot->origin->place,
            'got_on' => $lot->origin->gotOn,
            'due_on' => $lot->origin->dueOn,
            'materials' => $lot->origin->materials,
            'minutes' => $lot->origin->minutes,
            'desk' => $lot->origin->desk,
            'size' => $thing->measures->size,
            'is_measured' => $thing->measures->areTaken,
            'packaged' => $lot->packaged,
            'is_packaged' => $thing->measures->packaging === Packaging::Stays,
            'size_label' => $thing->sizeLabel,
            'traits' => $thing->traits,
            'colours' => $lot->colours,
            'holds' => InsideFields::written($thing->inside),
            'said' => $thing->said,
            'note' => $lot->remarks->note,
            'tags' => implode(', ', $lot->remarks->tags),
            'kept' => $lot->remarks->keptIn,
        ]);
    }

    /** Get it as the core knows it, out of any packaging. */
    public function thing(): Thing
    {
        $kind = $this->itemKind();

        return new Thing(
            $kind,
            $this->name,
            new Measures(
                $this->size,
                $this->is_measured,
                Packaging::of($this->packaged !== null, $this->is_packaged),
            ),
            $this->traits,
            resolve(Labels::class)->told($this->size_label, $kind->care->isShoes),
            InsideFields::read($this->holds, resolve(Kinds::class)->inHand()),
            $this->said,
        );
    }

    private function cost(): Cost
    {
        return Cost::fromRow(
            $this->price_state,
            $this->paid->currency ?? Currency::of($this->currency, resolve(CrewInHand::class)->notation()),
            $this->paid,
            $this->list,
            $this->pack_pieces,
        );
    }

    private function thingInBox(): Thing
    {
        return $this->thing()->inBox($this->packaged);
    }
}
