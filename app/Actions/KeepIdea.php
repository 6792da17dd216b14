<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Crew;
use App\Models\Idea;
use App\Models\IdeaThing;
use App\Models\Lot;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Stash\NotEnoughLeft;

/** Keeps a theme for which there is no box yet, what is held for it and what is wished. */
final readonly class KeepIdea
{
    public const MOST_WISHES = 40;

    public function __construct(private Once $once) {}

    /** @param array<string, mixed> $said */
    public function begin(Crew $crew, array $said, ?Lot $seed): Idea
    {
        return DB::transaction(function () use ($crew, $said, $seed): Idea {
            $this->once->claim();
            $idea = Idea::query()->create(['crew_id' => $crew->id, 'seed_lot_id' => $seed?->id] + $said);
            $fresh = $seed === null ? null : Lot::withSetAside()->whereKey($seed->id)->first();
            if ($fresh !== null && $fresh->stock()->onHand() > self::heldOf($fresh->id)) {
                $this->hold($idea, $fresh, 1);
            }

            return $idea;
        });
    }

    /** @param array<string, mixed> $said */
    public function change(Idea $idea, array $said): void
    {
        DB::transaction(static fn () => Idea::query()->findOrFail($idea->id)->update($said));
    }

    /**
     * Hold so many more of a lot for it, from today on.
     *
     * @throws NotEnoughLeft If fewer are on hand.
     */
    public function hold(Idea $idea, Lot $lot, int $quantity): void
    {
        DB::transaction(function () use ($idea, $lot, $quantity): void {
            $this->once->claim();
            $thing = IdeaThing::query()->where('idea_id', $idea->id)->where('lot_id', $lot->id)->first()
                ?? new IdeaThing([
                    'idea_id' => $idea->id, 'crew_id' => $idea->crew_id, 'lot_id' => $lot->id, 'quantity' => 0,
                    'held_on' => $idea->crew->today(),
                ]);
            $others = self::heldOf($lot->id) - ($thing->exists ? $thing->quantity : 0);
            $thing->quantity += $quantity;
            Lot::withSetAside()->whereKey($lot->id)->firstOrFail()->stock()->settingAside($thing->quantity + $others);
            $thing->save();
        });
    }

    public function letGo(Idea $idea, string $lotId): void
    {
        DB::transaction(
            static fn () => IdeaThing::query()->where('idea_id', $idea->id)->where('lot_id', $lotId)
                ->get()->each->delete(),
        );
    }

    public function drop(Idea $idea): void
    {
        DB::transaction(static function () use ($idea): void {
            IdeaThing::query()->where('idea_id', $idea->id)->get()->each->delete();
            Idea::destroy($idea->id);
        });
    }

    /** How many of a lot are held, for whatever idea. */
    private static function heldOf(string $lotId): int
    {
        return (int) IdeaThing::query()->where('lot_id', $lotId)->sum('quantity');
    }
}
