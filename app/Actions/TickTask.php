<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Box;
use App\Models\Piece;
use App\Refusals\CannotChangeBox;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Box\Closing\ClosingTick;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Stash\Preparation\Task;
use PluckyWren\Core\Stash\Preparation\TaskOrder;

/** Ticks a task of a piece or of a box off, or takes the tick back; two people may tick at once. */
final readonly class TickTask
{
    public function __construct(private BoxHistory $history) {}

    /**
     * @return list<Task> what should have been done before it, and is still open
     *
     * @throws CannotChangeBox If its box was handed in.
     */
    public function ofPiece(Piece $piece, Task $task, bool $isDone): array
    {
        return DB::transaction(static function () use ($piece, $task, $isDone): array {
            $fresh = Piece::query()->with(['lot', 'box'])->whereKey($piece->id)->firstOrFail();
            $fresh->box->refuseIfHandedIn();
            $fresh->update([
                'done' => $isDone ? $fresh->done->with($task, $fresh->quantity) : $fresh->done->without($task),
            ]);

            return $isDone ? TaskOrder::waitsFor($task, $fresh->preparation()->open()) : [];
        });
    }

    /**
     * Say that a task belongs to the work at a piece, or that it is not needed here.
     *
     * @throws CannotChangeBox If its box was handed in.
     */
    public function isNeeded(Piece $piece, Task $task, bool $isNeeded): void
    {
        DB::transaction(static function () use ($piece, $task, $isNeeded): void {
            $fresh = Piece::query()->with('box')->whereKey($piece->id)->firstOrFail();
            $fresh->box->refuseIfHandedIn();
            $fresh->update(['work' => $isNeeded ? $fresh->work->wanting($task) : $fresh->work->without($task)]);
        });
    }

    /**
     * @return list<Task> what should have been done before it, and is still open
     *
     * @throws CannotChangeBox If it was handed in.
     */
    public function ofBox(Box $box, Task $task, bool $isDone): array
    {
        return DB::transaction(static function () use ($box, $task, $isDone): array {
            $fresh = Box::query()->whereKey($box->id)->firstOrFail();
            $fresh->update(['done' => self::ticked($fresh->done, $task, $isDone)]);
            $open = array_values(
                array_filter(
                    Task::ofTheBox($fresh->boxKind()->isTub),
                    static fn (Task $other): bool => ! in_array($other, $fresh->done, true),
                ),
            );

            return $isDone ? TaskOrder::waitsFor($task, $open) : [];
        });
    }

    /**
     * Tick a task off for several pieces at once: for all of them, or for none; one tick is taken back where it was
     * set, many are undone as one deed.
     *
     * @param  Collection<int, Piece>  $pieces
     *
     * @throws CannotChangeBox If a box of theirs was handed in.
     */
    public function ofPieces(Collection $pieces, Task $task): void
    {
        DB::transaction(fn () => $pieces->load('box')->groupBy('box_id')->each(
            fn (Collection $ofOne) => $this->history->of(
                $ofOne->firstOrFail()->box,
                'ticked',
                fn () => $ofOne->each(fn (Piece $piece) => $this->ofPiece($piece, $task, true)),
            ),
        ));
    }

    /**
     * Tick a line of the closing check that only a packer can see.
     *
     * @throws CannotChangeBox If the box was handed in.
     */
    public function ofClosing(Box $box, ClosingTick $tick, bool $isDone): void
    {
        DB::transaction(static function () use ($box, $tick, $isDone): void {
            $fresh = Box::query()->whereKey($box->id)->firstOrFail();
            $others = array_values(array_diff($fresh->ticks, [$tick->value]));
            $fresh->update(['ticks' => $isDone ? [...$others, $tick->value] : $others]);
        });
    }

    /**
     * Tick the same line of several boxes in one deed; one that was handed in, or is not there, is passed over.
     *
     * @param  list<string>  $boxIds
     * @return int how many were not ticked before
     */
    public function ofSeveralClosings(array $boxIds, ClosingTick $tick): int
    {
        return DB::transaction(static function () use ($boxIds, $tick): int {
            $boxes = Box::query()->whereKey($boxIds)->where('stage', '!=', Stage::HandedIn)->get()
                ->reject(static fn (Box $box): bool => in_array($tick->value, $box->ticks, true));
            $boxes->each(static fn (Box $box) => $box->update(['ticks' => [...$box->ticks, $tick->value]]));

            return $boxes->count();
        });
    }

    /**
     * @param  list<Task>  $done
     * @return list<Task>
     */
    private static function ticked(array $done, Task $task, bool $isDone): array
    {
        $others = array_values(array_filter($done, static fn (Task $other): bool => $other !== $task));

        return $isDone ? [...$others, $task] : $others;
    }
}
