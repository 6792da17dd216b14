<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use App\Models\BoxRecord;
use App\Models\Lot;
use App\Models\Piece;
use App\Reference\Guides;
use App\Refusals\CannotChangeBox;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasOne;
use PluckyWren\Core\Box\Files\BoxDocument;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Box\Record\BoxRecord as Record;
use PluckyWren\Core\Box\Record\RecordFile;
use PluckyWren\Core\Box\Stage;
use Throwable;

/**
 * A box that was handed in stays as it was: whatever is shown of it is read from its record, and nothing of it is
 * changed.
 *
 * @property BoxRecord|null $record of the hand-in that stands
 *
 * @phpstan-require-extends Model
 */
trait FreezesWhenHandedIn
{
    private Record|false|null $handedIn = null;

    /** @var Collection<int, Piece>|null as it was handed in */
    private ?Collection $contentsAsTheyWere = null;

    /** @return HasOne<BoxRecord, $this> */
    public function record(): HasOne
    {
        $record = $this->hasOne(BoxRecord::class);
        $record->whereNull('taken_back_at');

        return $record;
    }

    /** Get the box as it was handed in; null where it was not, or before such records were kept. */
    public function handedIn(): ?Record
    {
        if ($this->stage !== Stage::HandedIn) {
            return null;
        }
        $this->handedIn ??= $this->readRecord() ?? false;

        return $this->handedIn === false ? null : $this->handedIn;
    }

    /**
     * Get what is in it, as it was handed in where it was; load `Box::CONTENTS` first.
     *
     * @return Collection<int, Piece>
     */
    public function contents(): Collection
    {
        $record = $this->handedIn();

        return $record === null ? $this->pieces : $this->contentsAsTheyWere ??= new Collection(array_map(
            fn (PlannedPiece $piece): Piece => $this->pieceAsItWas($record->box, $piece),
            $record->box->plan->pieces,
        ));
    }

    /** Get the box as its file has it, as it was handed in where it was; load `Box::CONTENTS` first. */
    public function document(): BoxDocument
    {
        $handedIn = $this->handedIn();
        if ($handedIn !== null) {
            return $handedIn->box;
        }
        $places = $packs = [];
        foreach ($this->pieces as $piece) {
            $places[$piece->id] = (string) $piece->lot?->place;
            $packs[$piece->id] = $piece->lot?->paid === null ? null : [$piece->lot->paid, $piece->lot->pieces];
        }

        return new BoxDocument(
            $this->theme,
            $this->palette,
            $this->guide,
            $this->plan(),
            $places,
            array_filter($packs),
        );
    }

    /**
     * Narrow a query to boxes that were handed in and whose record stands.
     *
     * @param  Builder<self>  $query
     */
    public static function frozen(Builder $query): void
    {
        $query->where('stage', Stage::HandedIn)->whereHas('record');
    }

    /** @throws CannotChangeBox If it was handed in, and its record stands. */
    public function refuseIfHandedIn(): void
    {
        $this->getRawOriginal('stage') === Stage::HandedIn->value
            && $this->record()->exists()
            && throw CannotChangeBox::handedIn();
    }

    protected static function bootFreezesWhenHandedIn(): void
    {
        self::updating(static fn (self $box) => $box->refuseIfHandedIn());
        self::deleting(static fn (self $box) => $box->refuseIfHandedIn());
    }

    private function readRecord(): ?Record
    {
        // One box alone may be looked into without having its record loaded.
        $this->loadMissing('record');
        try {
            return $this->record === null
                ? null
                : resolve(RecordFile::class)->read(
                    $this->record->record,
                    'box_records',
                    resolve(Guides::class)->get(...),
                );
        } catch (Throwable $why) {
            // Whatever is wrong with it, the box is shown: as it is now.
            report($why);

            return null;
        }
    }

    private function pieceAsItWas(BoxDocument $box, PlannedPiece $planned): Piece
    {
        $piece = new Piece([
            'crew_id' => $this->crew_id,
            'box_id' => $this->id,
            'quantity' => $planned->quantity,
            'done' => $planned->prepared,
            'kind' => $planned->isToBuy() ? $planned->kind->id : null,
        ]);
        $piece->id = $planned->id;
        $piece->asItWas = $planned;

        return $piece->setRelation('box', $this)->setRelation(
            'lot',
            $planned->isToBuy()
                ? null
                : Lot::asItWas($planned, $box->places[$planned->id] ?? '', $box->packs[$planned->id] ?? null),
        );
    }
}
