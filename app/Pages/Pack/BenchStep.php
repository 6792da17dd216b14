<?php

declare(strict_types=1);

namespace App\Pages\Pack;

use App\Models\Lot;
use App\Models\LotPhoto;
use App\Models\Piece;
use App\Pages\Plan\BoxSheet;
use App\Words\MoveWords;
use App\Words\Words;
use PluckyWren\Core\Box\FitProblem;
use PluckyWren\Core\Fit\Moves\Move;

/** What whoever packs is told and asked of one step at the bench. */
final readonly class BenchStep
{
    /** What stands for the piece that did not go in, while it is not known which of the two. */
    public const WHICH = 'which';

    public function __construct(private BoxSheet $sheet, public Move $move, private MoveWords $words) {}

    public function says(): string
    {
        return $this->words->of($this->move);
    }

    public function name(): string
    {
        $names = array_values($this->things());

        return isset($names[1])
            ? Words::of('pack/bench.two', ['one' => $names[0], 'other' => $names[1]])
            : $names[0];
    }

    /** Determine if two things go in at one go. */
    public function isOfTwo(): bool
    {
        return count($this->move->each()) > 1;
    }

    /** Get what is said by whoever has made it. */
    public function saysIn(): string
    {
        return Words::of($this->isOfTwo() ? 'pack/bench.both-in' : 'pack/bench.in');
    }

    /** Get what is said by whoever has made it out of its turn. */
    public function saysThisIsIn(): string
    {
        return Words::of($this->isOfTwo() ? 'pack/bench.these-are-in' : 'pack/bench.this-is-in');
    }

    /** Determine if it may be said that it does not go in: what is filled first only takes in what is small. */
    public function mayBeRefused(): bool
    {
        return $this->move->holder() === null;
    }

    public function saysRefused(): string
    {
        return Words::of($this->isOfTwo() ? 'pack/bench.one-refused' : 'pack/bench.refused');
    }

    /** Get what stands for what does not go in. */
    public function refused(): string
    {
        return $this->isOfTwo() ? self::WHICH : $this->move->first()->id;
    }

    /** @return non-empty-array<string, string> names of its things by the ids by which they are known */
    public function things(): array
    {
        $names = [];
        foreach ($this->known() as $id) {
            $names[$id] = $this->sheet->packing->nameOf($id);
        }

        return $names;
    }

    /** @return list<Lot> those of which there is a photo, by which its things are known */
    public function lotsWithPhoto(): array
    {
        $lots = [];
        foreach ($this->known() as $id) {
            $lot = $this->sheet->box->contents()->find(FitProblem::pieceOf($id))?->lot;
            if ($lot !== null && $lot->exists && LotPhoto::query()->whereKey($lot->id)->exists()) {
                $lots[] = $lot;
            }
        }

        return $lots;
    }

    /** Determine if all of it lies on the table; null where nobody lays anything out. */
    public function isOnTable(): ?bool
    {
        $pieces = $this->sheet->box->contents()->keyBy('id');
        if (! $pieces->contains(static fn (Piece $piece): bool => $piece->is_laid_out)) {
            return null;
        }
        foreach ($this->move->items() as $id) {
            if (($pieces[$id] ?? null)?->is_laid_out === false) {
                return false;
            }
        }

        return true;
    }

    /** @return list<string> what is still to be done to its pieces, to all of them unless it says to which */
    public function tasks(): array
    {
        $names = [];
        foreach ($this->move->items() as $id) {
            $preparation = $this->sheet->packing->plannedOf($id)->preparation(
                $this->sheet->plan->ways->habits,
                $this->sheet->plan->recipient->band,
            );
            foreach ($preparation->open() as $task) {
                $names[$task->value][] = $this->sheet->packing->nameOf($id);
            }
        }
        $tasks = [];
        foreach ($names as $task => $of) {
            $says = Words::of("pack/tasks.name.{$task}");
            $tasks[] = count($of) === count($this->move->items())
                ? $says
                : Words::of('pack/bench.task-of', ['task' => $says, 'names' => implode('; ', $of)]);
        }

        return $tasks;
    }

    /** @return non-empty-list<string> by which pieces it is known: what is filled, or the first of each thing */
    private function known(): array
    {
        return $this->move->holder() !== null
            ? [$this->move->holder()]
            : array_map(static fn (Move $thing): string => $thing->first()->id, $this->move->each());
    }
}
