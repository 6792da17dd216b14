<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Lot;
use App\Models\LotChange;
use App\Models\User;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\PriceState;
use PluckyWren\Core\Money\Shares;
use PluckyWren\Core\Stash\Fault;
use PluckyWren\Core\Stash\FaultEnd;
use PluckyWren\Core\Stash\NotEnoughLeft;
use PluckyWren\Core\Stash\Stock;

/** Everything that happens to a lot once it is in the stash; each call is one transaction and leaves its trace. */
final class ChangeLot
{
    private const NOT_TRACED = ['updated_at', 'created_at', 'set_aside'];

    /** @throws NotEnoughLeft If fewer pieces are left than are set aside for boxes or gone. */
    public function correct(Lot $lot, string $what = 'corrected'): void
    {
        DB::transaction(function () use ($lot, $what): void {
            $lot->offsetUnset('set_aside');
            new Stock($lot->name, $lot->pieces, (int) $lot->setAsidePieces()->sum('quantity'), $lot->gone);
            $changed = array_diff_key($lot->getDirty(), array_flip(self::NOT_TRACED));
            $before = array_intersect_key($lot->getRawOriginal(), $changed);
            $lot->save();
            if ($changed !== []) {
                $this->trace($lot, $what, $before, $changed);
            }
        });
    }

    public function arrive(Lot $lot): void
    {
        $lot->due_on = null;
        $this->correct($lot, 'arrived');
    }

    /**
     * Take pieces out of the stash otherwise than into a box.
     *
     * @param  'broken'|'given-away'|'sent-back'  $why
     *
     * @throws NotEnoughLeft If fewer are on hand.
     */
    public function lose(Lot $lot, int $pieces, string $why): void
    {
        DB::transaction(function () use ($lot, $pieces, $why): void {
            $fresh = Lot::withSetAside()->whereKey($lot->id)->firstOrFail();
            $fresh->gone = $fresh->stock()->losing($pieces)->gone;
            $this->correct($fresh, $why);
        });
    }

    /**
     * Something is wrong with some of a lot, or what to do about it is decided now. Where it is not all of it, those pieces become a lot of their own.
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
            if ($lot->due_on !== null) {
                $this->arrive($lot);
            }
            $fresh = Lot::withSetAside()->whereKey($lot->id)->firstOrFail();
            if ($fresh->fault_end !== FaultEnd::Undecided || $pieces !== $fresh->pieces) {
                $fresh->stock()->losing($pieces);
            }
            if ($pieces < $fresh->pieces) {
                $fresh = $this->split($fresh, $pieces);
            }
            $fresh->fill(['fault' => $fault, 'fault_end' => $end, 'gone' => $end->hasLeft() ? $fresh->pieces : $fresh->gone]);
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
            $fresh = Lot::withSetAside()->whereKey($lot->id)->firstOrFail();
            $fresh->stock()->losing($pieces);
            $pieces < $fresh->pieces || throw NotEnoughLeft::of($fresh->name, $pieces, $fresh->pieces - 1);
            $other = $fresh->replicate(['set_aside', 'import_key']);
            foreach (['paid', 'list'] as $amount) {
                if ($fresh->{$amount} !== null) {
                    [$stays, $goes] = Shares::of($fresh->{$amount}, [$fresh->pieces - $pieces, $pieces]);
                    [$fresh->{$amount}, $other->{$amount}] = [$stays, $goes];
                }
            }
            // A share too small for a cent was as good as free.
            foreach ([$fresh, $other] as $part) {
                if ($part->paid?->isZero() === true) {
                    $part->fill(['paid' => null, 'price_state' => PriceState::Free]);
                }
            }
            [$other->pieces, $other->gone] = [$pieces, 0];
            $fresh->pieces -= $pieces;
            $other->save();
            $this->trace($other, 'split', [], ['pieces' => $pieces]);
            $this->correct($fresh, 'split');

            return $other;
        });
    }

    /**
     * Put another lot of the same kind and price state into this one; what boxes have of it they have of this one then.
     *
     * @throws CannotMerge If the two are not alike enough to be one.
     * @throws NotEnoughLeft Never, as together they hold what each held.
     */
    public function merge(Lot $lot, Lot $other): void
    {
        DB::transaction(function () use ($lot, $other): void {
            [$into, $from] = [Lot::query()->findOrFail($lot->id), Lot::query()->findOrFail($other->id)];
            $isAlike = $into->id !== $from->id && $into->kind === $from->kind && $into->price_state === $from->price_state && $into->currency === $from->currency && $into->due_on == $from->due_on && $into->fault === $from->fault && $into->fault_end === $from->fault_end;
            $isAlike || throw CannotMerge::unlike($into->name, $from->name);
            $into->pieces + $from->pieces <= 10_000 || throw CannotMerge::tooMany();
            $into->pieces += $from->pieces;
            $into->gone += $from->gone;
            $into->paid = $into->paid !== null && $from->paid !== null ? $into->paid->plus($from->paid) : null;
            $into->list = $into->list !== null && $from->list !== null ? $into->list->plus($from->list) : null;
            $this->correct($into, 'merged');
            foreach ($from->setAsidePieces as $piece) {
                $same = $into->setAsidePieces()->where('box_id', $piece->box_id)->first();
                if ($same === null) {
                    $piece->update(['lot_id' => $into->id]);
                } else {
                    $piece->delete();
                    $same->update(['quantity' => $same->quantity + $piece->quantity]);
                }
            }
            $from->delete();
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
            $lot = Lot::query()->findOrFail($change->lot_id);
            $now = array_intersect_key($lot->getRawOriginal(), $change->after);
            $change->canBeUndone() && $now == $change->after || throw CannotUndo::changedSince();
            $lot->setRawAttributes([...$lot->getAttributes(), ...$change->before]);
            $this->correct($lot, 'undone');
            $change->update(['undone_at' => now()]);
        });
    }

    /** @throws CannotPayBack If more came back than was paid. */
    private function payBack(Lot $lot, Money $back): void
    {
        if ($lot->paid === null || $back->isMoreThan($lot->paid)) {
            throw CannotPayBack::more($back, $lot->paid);
        }
        $rest = $lot->paid->minus($back);
        $lot->fill($rest->isZero() ? ['paid' => null, 'price_state' => PriceState::Free] : ['paid' => $rest]);
    }

    /**
     * @param  array<string, mixed>  $before
     * @param  array<string, mixed>  $after
     */
    private function trace(Lot $lot, string $what, array $before, array $after): void
    {
        $user = Auth::user();
        LotChange::query()->create(['crew_id' => $lot->crew_id, 'lot_id' => $lot->id, 'by' => $user instanceof User ? $user->name : '', 'what' => $what, 'before' => $before, 'after' => $after]);
    }
}
