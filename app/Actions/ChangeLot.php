<?php

declare(strict_types=1);

namespace App\Actions;

use App\Editing\ThreeWay;
use App\Models\Box;
use App\Models\Lot;
use App\Models\LotChange;
use App\Refusals\CannotPayBack;
use App\Refusals\CannotUndo;
use App\Refusals\ChangedMeanwhile;
use App\Words\LotWords;
use App\Words\Words;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\PriceState;
use PluckyWren\Core\Stash\Cost;
use PluckyWren\Core\Stash\Fault;
use PluckyWren\Core\Stash\FaultEnd;
use PluckyWren\Core\Stash\NotEnoughLeft;
use PluckyWren\Core\Stash\Preparation\Prepared;
use PluckyWren\Core\Stash\Stock;

/** Everything that happens to a lot once it is in the stash; each call is one transaction and leaves its trace. */
final readonly class ChangeLot
{
    /** Columns that only make sense together, by the name of the field they are shown as. */
    private const TOGETHER = [
        'kind' => ['kind'],
        'name' => ['name'],
        'pieces' => ['pieces', 'pack_pieces', 'price_state', 'paid_minor', 'list_minor', 'currency'],
        'source' => ['source', 'place'],
        'got_on' => ['got_on'],
        'due_on' => ['due_on'],
        'length_tenths' => ['length_tenths', 'width_tenths', 'height_tenths', 'is_measured'],
        'packaged_length_tenths' => [
            'packaged_length_tenths', 'packaged_width_tenths', 'packaged_height_tenths', 'is_packaged',
        ],
        'size_label' => ['size_label'],
        'traits' => ['traits'],
        'colours' => ['colours'],
        'note' => ['note'],
        'tags' => ['tags'],
        'kept' => ['kept'],
        'materials' => ['materials'],
        'minutes' => ['minutes'],
        'desk' => ['desk'],
        'holds' => ['holds'],
        'said' => ['said'],
    ];

    private const NOT_TRACED = ['updated_at', 'created_at', 'set_aside', 'version', 'prepared'];

    public function __construct(private Once $once, private LotHistory $history) {}

    /** Get what a form carries along, so that two people at one lot are told of each other. */
    public static function prints(Lot $lot): string
    {
        return (new ThreeWay(self::TOGETHER))->prints($lot);
    }

    /**
     * Keep a lot as a form has it, as far as the form changed it.
     *
     * @param  callable(Lot): Lot  $fill  puts what was typed into a lot
     * @param  string  $was  what the form carried along
     * @param  bool  $takesTheirs  whether what someone else changed meanwhile stays as it is
     *
     * @throws ChangedMeanwhile If both changed the same.
     * @throws NotEnoughLeft If fewer pieces are left than are set aside for boxes or gone.
     */
    public function edit(Lot $lot, callable $fill, string $was, bool $takesTheirs): Lot
    {
        return DB::transaction(function () use ($lot, $fill, $was, $takesTheirs): Lot {
            $fresh = Lot::query()->findOrFail($lot->id);
            (new ThreeWay(self::TOGETHER))->merge(
                $was,
                $fresh,
                $fill(clone $fresh),
                $takesTheirs,
                static fn (Lot $now, string $field): string => Words::of('meanwhile.field', [
                    'field' => Words::of("gather/life.fields.{$field}"), 'now' => LotWords::of($now, $field),
                ]),
            );
            $this->correct($fresh);

            return $fresh;
        });
    }

    /**
     * @param  array<string, mixed>  $toUndo  what else has to be known to take it back
     *
     * @throws NotEnoughLeft If fewer pieces are left than are set aside for boxes or gone.
     * @throws ChangedMeanwhile If someone else changed it after it was read.
     */
    public function correct(Lot $lot, string $what = 'corrected', array $toUndo = []): void
    {
        DB::transaction(function () use ($lot, $what, $toUndo): void {
            $lot->offsetUnset('set_aside');
            $setAside = (int) $lot->setAsidePieces()->sum('quantity');
            new Stock($lot->name, $lot->pieces, $setAside, $lot->gone);
            // What lies in a packed box has come; only what is all on its way can be due.
            $lot->due_on === null
                || ! $lot->isDirty('due_on')
                || $lot->setAsidePieces()
                    ->whereHas('box', static fn (Builder $box) => $box->whereIn('stage', Stage::lidOn()))
                    ->doesntExist()
                || throw NotEnoughLeft::someIsInBoxes($lot->name);
            $changed = array_diff_key($lot->getDirty(), array_flip(self::NOT_TRACED));
            $before = array_intersect_key($lot->getRawOriginal(), $changed);
            $lot->save();
            if ($changed !== []) {
                $this->history->trace($lot, $what, [...$before, ...$toUndo], $changed);
            }
        });
    }

    /** Take a lot out of the stash; it can be brought back for a while. False where boxes have some of it. */
    public function drop(Lot $lot): bool
    {
        return DB::transaction(function () use ($lot): bool {
            // Boxes that were handed in have a record of what was in them; they need the lot no more.
            if ($lot->setAsidePieces()->whereDoesntHave('box', Box::frozen(...))->exists()) {
                return false;
            }
            $this->history->goes($lot);
            $this->history->forgetWhatIsGone();
            $lot->setAsidePieces()->delete();

            return (bool) $lot->delete();
        });
    }

    /**
     * Write down what was paid for all of a lot that came without a price; a nought was free.
     *
     * @throws ChangedMeanwhile If it has a price by now.
     * @throws NotEnoughLeft Never, as no piece goes.
     */
    public function price(Lot $lot, Money $paid): void
    {
        DB::transaction(function () use ($lot, $paid): void {
            $fresh = Lot::query()->findOrFail($lot->id);
            $fresh->price_state === PriceState::Unknown || throw ChangedMeanwhile::said(
                Words::of('gather/shopping.priced-meanwhile', ['name' => $fresh->name]),
            );
            $cost = Cost::decided($fresh->source, $paid->currency, $paid);
            $fresh->fill(['price_state' => $cost->state, 'paid' => $cost->paid]);
            $this->correct($fresh);
        });
    }

    public function arrive(Lot $lot): void
    {
        DB::transaction(function () use ($lot): void {
            $fresh = Lot::query()->findOrFail($lot->id);
            $fresh->due_on = null;
            $this->correct($fresh, 'arrived');
        });
    }

    /**
     * Take pieces out of the stash otherwise than into a box.
     *
     * @param  'broken'|'given-away'  $why
     *
     * @throws NotEnoughLeft If fewer are on hand.
     */
    public function lose(Lot $lot, int $pieces, string $why): void
    {
        DB::transaction(function () use ($lot, $pieces, $why): void {
            $this->once->claim();
            $fresh = Lot::withSetAside()->whereKey($lot->id)->firstOrFail();
            $fresh->gone = $fresh->stock()->losing($pieces)->gone;
            $this->correct($fresh, $why);
        });
    }

    /**
     * Something is wrong with some of a lot, or what to do about it is decided now. Where it is not all of it, those
     * pieces become a lot of their own.
     *
     * @param  Money|null  $back  what the shop paid back
     * @return Lot the lot that is wrong
     *
     * @throws NotEnoughLeft If fewer are on hand, or all of it would be wrong while some is in a box.
     * @throws CannotPayBack If more came back than was paid.
     */
    public function fault(Lot $lot, int $pieces, Fault $fault, FaultEnd $end, ?Money $back): Lot
    {
        return DB::transaction(function () use ($lot, $pieces, $fault, $end, $back): Lot {
            $this->once->claim();
            if (Lot::query()->findOrFail($lot->id)->due_on !== null) {
                $this->arrive($lot);
            }
            $fresh = Lot::withSetAside()->whereKey($lot->id)->firstOrFail();
            if ($fresh->fault_end !== FaultEnd::Undecided || $pieces !== $fresh->pieces) {
                $fresh->stock()->decided()->losing($pieces);
            }
            if ($pieces < $fresh->pieces) {
                $fresh = $this->split($fresh, $pieces);
            }
            $fresh->fill([
                'fault' => $fault,
                'fault_end' => $end,
                'gone' => $end->hasLeft() ? $fresh->pieces : $fresh->gone,
            ]);
            if ($back !== null) {
                $this->payBack($fresh, $back);
            }
            $this->correct($fresh, 'wrong');

            return $fresh;
        });
    }

    /**
     * Part a lot in two: what was paid is parted to the last cent.
     *
     * @throws NotEnoughLeft If fewer are on hand than go to the new lot, or all of it would.
     */
    public function split(Lot $lot, int $pieces): Lot
    {
        return DB::transaction(function () use ($lot, $pieces): Lot {
            $this->once->claim();
            $fresh = Lot::withSetAside()->whereKey($lot->id)->firstOrFail();
            $fresh->stock()->decided()->losing($pieces);
            $pieces < $fresh->pieces || throw NotEnoughLeft::of($fresh->name, $pieces, $fresh->pieces - 1);
            $other = $fresh->replicate(['set_aside', 'import_key', 'version']);
            $other->prepared = LoosePieces::take($fresh->id, $pieces);
            $other->fill($fresh->partOff($pieces));
            $other->freeWhereNothingIsLeft();
            [$other->pieces, $other->gone, $other->version] = [$pieces, 0, 1];
            $other->save();
            $this->history->trace($other, 'split', [], ['pieces' => $pieces]);
            $this->correct($fresh, 'split', ['_other' => $other->id]);

            return $other;
        });
    }

    /**
     * Take a change back, where nothing was changed on top of it.
     *
     * @throws NotEnoughLeft If fewer pieces would be left than are set aside.
     * @throws CannotUndo If something was changed on top of it.
     */
    public function undo(LotChange $change): void
    {
        DB::transaction(function () use ($change): void {
            $change = LotChange::query()->findOrFail($change->id);
            $change->canBeUndone() || throw CannotUndo::changedSince();
            if ($change->what === 'got' || $change->what === 'deleted') {
                $change->what === 'got'
                    ? $this->history->takeBack($change)
                    : $this->history->bringBack($change);
                $change->update(['undone_at' => now()]);

                return;
            }
            $lot = Lot::query()->whereKey($change->lot_id)->first() ?? throw CannotUndo::changedSince();
            $now = array_intersect_key($lot->getRawOriginal(), $change->after);
            $now == $change->after || throw CannotUndo::changedSince();
            $this->undoWithOther($change);
            $lot->setRawAttributes([...$lot->getAttributes(), ...array_diff_key($change->before, LotChange::TO_UNDO)]);
            $this->correct($lot, 'undone');
            $change->update(['undone_at' => now()]);
        });
    }

    /**
     * What was parted off goes back, what was put in comes out again.
     *
     * @throws CannotUndo If the lot that was parted off was changed or promised to a box.
     */
    private function undoWithOther(LotChange $change): void
    {
        if ($change->what === 'split') {
            $other = Lot::withSetAside()->whereKey($change->before['_other'] ?? '')->first();
            $other !== null && (int) $other->set_aside === 0 && $this->history->isUntouchedSinceSplit($other)
                || throw CannotUndo::partChanged();
            LoosePieces::giveBack($change->lot_id, $other->prepared);
            $other->delete();
        }
        if ($change->what === 'merged') {
            MergeLots::apart($change);
        }
        $prepared = Prepared::ofData((array) ($change->before['_prepared'] ?? []));
        $change->what === 'into-kit' && LoosePieces::giveBack($change->lot_id, $prepared);
        $change->what === 'out-of-kit' && LoosePieces::takeAgain($change->lot_id, $prepared);
    }

    /** @throws CannotPayBack If more came back than was paid. */
    private function payBack(Lot $lot, Money $back): void
    {
        if ($lot->paid === null || $back->isMoreThan($lot->paid)) {
            throw CannotPayBack::more($back, $lot->paid);
        }
        $lot->paid = $lot->paid->minus($back);
        $lot->back_minor += $back->minor;
        $lot->freeWhereNothingIsLeft();
    }
}
