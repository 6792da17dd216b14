<?php

declare(strict_types=1);

namespace App\Pages\Pack;

use App\Models\Bench;
use App\Models\BoxPhoto;
use App\Models\Piece;
use App\Pages\Plan\BoxSheet;
use App\Pages\Plan\Drawing;
use App\Words\MoveWords;
use App\Words\Words;
use PluckyWren\Core\Box\Bench\Pace;
use PluckyWren\Core\Box\Bench\Packed;
use PluckyWren\Core\Box\Bench\Proposal;
use PluckyWren\Core\Box\Bench\Refusal;
use PluckyWren\Core\Box\FitProblem;
use PluckyWren\Core\Box\RoomGauge;
use PluckyWren\Core\Fit\ClosureOf;
use PluckyWren\Core\Fit\Drawing\QuarterTurn;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Moves\Move;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Result;

/** A box on the bench: what is in, which step comes now, and what it says. */
final class BenchView
{
    public readonly Packed $packed;

    /** @var list<Move> what is in, and then what is still to go in, by steps */
    public readonly array $moves;

    /** How many steps are done. */
    public readonly int $done;

    /** Which step is looked at, from 0 on. */
    public readonly int $at;

    /** So many of the steps that follow are shown as ghosts. */
    private const GHOSTS = 2;

    /** The plan that is followed. */
    private readonly Result $plan;

    private ?MoveWords $words = null;

    /**
     * @param  list<Proposal>  $proposals
     * @param  array<array-key, list<int>>  $times  of the crew's latest presses
     * @param  int  $look  so many steps ahead of the one that comes now
     */
    public function __construct(
        public readonly BoxSheet $sheet,
        public readonly Bench $bench,
        int $look,
        public readonly ?string $refused,
        public readonly ?Refusal $how,
        public readonly array $proposals,
        private readonly array $times,
    ) {
        $this->plan = $bench->result();
        $this->packed = $bench->packed()->calledAsIn($sheet->problem);
        $known = $sheet->problem->singles();
        $left = array_values(array_filter(
            $this->plan->placements,
            fn (Placement $placement): bool => isset($known[$placement->id]) && ! $this->packed->isIn($placement->id),
        ));
        $placements = [];
        foreach ([...Move::of($this->packed->placements), ...Move::of($left)] as $index => $move) {
            foreach ($move->placements as $placement) {
                $placements[] = $placement->withStep($index + 1);
            }
        }
        $this->moves = Move::of($placements);
        $this->done = count(Move::of($this->packed->placements));
        // Once all is in, what comes is the lid.
        $last = count($this->moves) - ($this->isAllIn() ? 0 : 1);
        $this->at = max(0, min($last, $this->done + $look));
    }

    /** Get what tells this moment from the next. */
    public function moment(): string
    {
        return Benches::moment($this->bench, $this->sheet->box);
    }

    /** Get the box from straight above, as it was really packed. */
    public function firstSight(): Drawing
    {
        return $this->sheet->packing->firstSight($this->packed->placements)->drawing();
    }

    /** Determine if a photo of the box was taken. */
    public function hasPhoto(): bool
    {
        return BoxPhoto::query()->whereKey($this->sheet->box->id)->exists();
    }

    /**
     * Get the steps from now on, for want of a signal.
     *
     * @return list<array{piece: string, name: string, says: string, in: string}>
     */
    public function stepsAhead(): array
    {
        return array_map(fn (BenchStep $step): array => [
            'piece' => $step->move->first()->id, 'name' => $step->name(), 'says' => $step->says(),
            'in' => $step->saysIn(),
        ], array_map($this->step(...), array_slice($this->moves, $this->done)));
    }

    /** Get what tells the plan that is followed from any other. */
    public function planPrint(): string
    {
        return substr(hash('sha256', $this->bench->plan), 0, 12);
    }

    /** @return list<array{Piece, int}> what is not on the table yet, as it will be wanted, each with its step */
    public function toFetch(): array
    {
        $pieces = $this->sheet->box->contents()->keyBy('id');
        $fetch = [];
        foreach (array_slice($this->moves, $this->done) as $index => $move) {
            foreach ($move->ids() as $id) {
                $piece = $pieces[FitProblem::pieceOf($id)] ?? null;
                if ($piece !== null && ! $piece->is_laid_out && ! $piece->isToBuy()) {
                    $fetch[$piece->id] ??= [$piece, $this->done + $index + 1];
                }
            }
        }

        return array_values($fetch);
    }

    /** @return list<Refusal> how something may not go in */
    public function refusals(): array
    {
        return Refusal::cases();
    }

    public function steps(): int
    {
        return count($this->moves);
    }

    public function isAllIn(): bool
    {
        return $this->done === count($this->moves);
    }

    /** Determine if the box holds something else by now than the plan that is followed. */
    public function isChanged(): bool
    {
        $planned = array_column($this->plan->placements, 'id');
        $singles = array_map(static fn (Item $item): string => $item->id, $this->sheet->problem->singles());
        $out = array_column($this->plan->leftOut, 'id');

        return array_diff($singles, $planned, $out, array_column($this->packed->placements, 'id')) !== [];
    }

    /** Determine if the step looked at is the one that comes now. */
    public function isNow(): bool
    {
        return $this->at === $this->done;
    }

    public function current(): ?Move
    {
        return $this->moves[$this->at] ?? null;
    }

    public function step(Move $move): BenchStep
    {
        $this->words ??= $this->sheet->packing->wordsAmong($this->placements());

        return new BenchStep($this->sheet, $move, $this->words);
    }

    /** Determine if it has to be asked which of the two things of a step did not go in. */
    public function asksWhich(): bool
    {
        return $this->refused === BenchStep::WHICH;
    }

    /** @return list<string> ids of the pieces of the steps that follow, as far as they are shown as ghosts */
    public function ghosts(): array
    {
        $following = $this->refused === null ? array_slice($this->moves, $this->at + 1, self::GHOSTS) : [];

        return array_merge(...array_map(static fn (Move $move): array => $move->ids(), $following));
    }

    /** Get what is in, the piece of this step, and what follows it; once all is in, all of it. */
    public function drawing(): Drawing
    {
        $shown = [];
        $last = $this->at + 1 + ($this->refused === null ? self::GHOSTS : 0);
        foreach (array_slice($this->moves, 0, max($last, $this->done)) as $move) {
            array_push($shown, ...$move->placements);
        }

        return $this->sheet->packing->drawingOf($shown, new QuarterTurn(0));
    }

    /** Get how long it will take still, from this crew's own steps. */
    public function minutesLeft(): int
    {
        return Pace::minutes($this->times, $this->steps() - $this->done);
    }

    /** Get how the lid closes over a plan, and what stays out by it. */
    public function closes(Result $plan): string
    {
        $room = RoomGauge::of($this->sheet->plan, $plan);
        $says = Words::of("plan/gauges.closes.{$room->state->value}");

        return $room->leftOut === [] ? $says : $says.', '.Words::of('pack/bench.ways.without', [
            'names' => implode(', ', array_column($room->leftOut, 'name')),
        ]);
    }

    /** Get how the lid closes over what is in, as far as can be foretold. */
    public function closesSoFar(): string
    {
        return $this->closes(new Result($this->packed->placements, [], ClosureOf::packing(
            $this->sheet->plan->boxKind->inside,
            $this->packed->placements,
            $this->sheet->problem->singles(),
        )));
    }

    public function saysProposal(Proposal $proposal): string
    {
        return match ($proposal->way) {
            'elsewhere' => Words::of('pack/bench.ways.elsewhere', ['says' => $this->saysElsewhere($proposal)]),
            'smaller' => Words::of('pack/bench.ways.smaller', [
                'name' => $proposal->swap->name ?? '', 'closes' => $this->closes($proposal->plan),
            ]),
            'loose' => Words::of('pack/bench.ways.loose', ['closes' => $this->closes($proposal->plan)]),
            'out' => Words::of('pack/bench.ways.out', [
                'out' => $proposal->out === null ? '' : $this->sheet->packing->nameOf($proposal->out),
                'closes' => $this->closes($proposal->plan),
            ]),
            default => Words::of('pack/bench.ways.behind', ['closes' => $this->closes($proposal->plan)]),
        };
    }

    private function saysElsewhere(Proposal $proposal): string
    {
        foreach (Move::of($proposal->plan->placements) as $move) {
            if (in_array($this->refused, $move->ids(), true)) {
                return $this->sheet->packing->wordsAmong($proposal->plan->placements)->of($move);
            }
        }

        return '';
    }

    /** @return list<Placement> */
    private function placements(): array
    {
        return array_merge(...array_map(static fn (Move $move): array => $move->placements, $this->moves));
    }
}
