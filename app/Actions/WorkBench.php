<?php

declare(strict_types=1);

namespace App\Actions;

use App\Fit\FitRoom;
use App\Fit\SwapCandidates;
use App\Models\Bench;
use App\Models\Box;
use App\Models\Lot;
use App\Models\Piece;
use App\Refusals\CannotChangeBox;
use App\Refusals\ChangedMeanwhile;
use App\Words\Words;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Box\Bench\OutOfTurn;
use PluckyWren\Core\Box\Bench\Packed;
use PluckyWren\Core\Box\Bench\Proposal;
use PluckyWren\Core\Box\Bench\Proposals;
use PluckyWren\Core\Box\Bench\Refusal;
use PluckyWren\Core\Box\FitProblem;
use PluckyWren\Core\Box\LeftWhy;
use PluckyWren\Core\Fit\ClosureOf;
use PluckyWren\Core\Fit\Files\PlacementFields;
use PluckyWren\Core\Fit\Files\ResultFile;
use PluckyWren\Core\Fit\Moves\Move;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Result;
use PluckyWren\Core\Fit\Verdict;
use PluckyWren\Core\Stash\NotEnoughLeft;

/** Packing a box for real: what is in, what came out again, and how to go on when something does not go in. */
final readonly class WorkBench
{
    public function __construct(
        private FitRoom $fitRoom,
        private FillBox $fillBox,
        private ChoosePiece $choosePiece,
        private SwapCandidates $candidates,
        private Once $once,
    ) {}

    /**
     * Take a box to the bench, to be packed by a plan; one that is there already is planned again around what is in.
     *
     * @param  list<Placement>  $placements  as it is to be packed, by steps
     *
     * @throws CannotChangeBox If the lid is on.
     */
    public function begin(Box $box, array $placements): void
    {
        DB::transaction(function () use ($box, $placements): void {
            $open = OpenBox::afresh($box->id);
            $bench = Bench::query()->find($box->id);
            if ($bench === null) {
                $plan = ResultFile::write(new Result($placements, []));
                Bench::query()->create(['box_id' => $box->id, 'crew_id' => $box->crew_id, 'plan' => $plan]);
            } else {
                $this->plan($bench, $this->planAround(FitProblem::of($open->plan()), $bench->packed()));
            }
        });
    }

    /**
     * Say that a piece is in, and all that goes in with it; nothing happens where it is in already.
     *
     * @throws CannotChangeBox If the lid is on.
     * @throws ChangedMeanwhile If it goes nowhere as things stand.
     */
    public function in(Box $box, string $id): void
    {
        DB::transaction(function () use ($box, $id): void {
            $this->once->claim();
            [$bench, $problem, $packed] = $this->fresh($box);
            $moves = Move::of($bench->result()->placements);
            $wanted = array_values(array_filter(
                $moves,
                static fn (Move $move): bool => in_array($id, $move->ids(), true),
            ))[0] ?? null;
            if ($packed->isIn($id) || $wanted === null) {
                return;
            }
            // What goes into it is in it by then.
            foreach ($moves as $move) {
                if ($move->holder() !== null && in_array($move->holder(), $wanted->ids(), true)) {
                    $packed->isIn($move->first()->id) || self::press($bench, $move->placements);
                }
            }
            $bench->unsetRelation('presses');
            $packed = $bench->packed()->calledAsIn($problem);
            $there = array_column($problem->items, null, 'id');
            $left = array_values(array_filter(
                $wanted->placements,
                static fn (Placement $one): bool => isset($there[FitProblem::pieceOf($one->id)])
                    && ! $packed->isIn($one->id),
            ));
            if ($left === []) {
                return;
            }
            if ($packed->allows($wanted, ...$moves)) {
                self::press($bench, $left);
                $this->touch($bench);

                return;
            }
            self::press($bench, OutOfTurn::placements(
                $problem,
                $packed,
                ...array_unique(array_map(static fn (Placement $one): string => FitProblem::pieceOf($one->id), $left)),
            ) ?? throw ChangedMeanwhile::said(Words::of('pack/bench.nowhere')));
            $bench->unsetRelation('presses');
            $this->plan($bench, $this->planAround($problem, $bench->packed()));
        });
    }

    /**
     * Take back what went in last.
     *
     * @param  int  $saw  the version that whoever pressed had before their eyes
     *
     * @throws CannotChangeBox If the lid is on.
     * @throws ChangedMeanwhile If someone pressed meanwhile.
     */
    public function back(Box $box, int $saw): void
    {
        DB::transaction(function () use ($box, $saw): void {
            $this->once->claim();
            [$bench, , $packed] = $this->fresh($box);
            $saw === $bench->version || throw ChangedMeanwhile::said(Words::of('pack/bench.meanwhile'));
            if ($packed->last() !== []) {
                $bench->presses()->create(['crew_id' => $bench->crew_id, 'out' => $packed->last()]);
                $this->touch($bench);
            }
        });
    }

    /** @return list<Proposal> how to go on with a piece that did not go in */
    public function proposals(Box $box, string $id, Refusal $how): array
    {
        [$bench, $problem, $packed] = $this->refused($box, $id);

        return $this->proposed($id, $how, $bench, $problem, $packed);
    }

    /** @return list<Proposal> what else would help, from the stash or without its holder */
    public function furtherProposals(Box $box, string $id): array
    {
        [$bench, $problem, $packed] = $this->refused($box, $id);

        return $this->further($box, $id, $bench, $problem, $packed);
    }

    /**
     * Go on with a smaller one of its kind, or with what rides in a piece loose beside it.
     *
     * @param  'smaller'|'loose'  $way
     *
     * @throws CannotChangeBox If the lid is on.
     * @throws ChangedMeanwhile If it does not help any more.
     * @throws NotEnoughLeft If somebody took the smaller one.
     */
    public function goOnOtherwise(Box $box, string $id, string $way): void
    {
        DB::transaction(function () use ($box, $id, $way): void {
            $this->once->claim();
            [$bench, $problem, $packed, $before] = $this->refused($box, $id);
            $before === [] || self::press($bench, $before);
            $chosen = self::chosen($this->further($box, $id, $bench, $problem, $packed), $way);
            $piece = Piece::query()->with(['box', 'lot'])->findOrFail(FitProblem::pieceOf($id));
            if ($chosen->swap !== null) {
                $this->fillBox->swap($piece, Lot::query()->findOrFail($chosen->swap->lot));
            }
            foreach ($chosen->swap === null ? Piece::query()->where('into_id', $piece->id)->get() : [] as $rider) {
                $this->choosePiece->into($rider->setRelation('box', $piece->box), null);
            }
            [$bench, $problem, $packed] = $this->fresh($box);
            $this->plan($bench, $this->planAround($problem, $packed));
        });
    }

    /**
     * Go on by one of the proposals.
     *
     * @throws CannotChangeBox If the lid is on.
     * @throws ChangedMeanwhile If it does not help any more.
     */
    public function goOn(Box $box, string $id, Refusal $how, string $way): void
    {
        DB::transaction(function () use ($box, $id, $how, $way): void {
            $this->once->claim();
            [$bench, $problem, $packed, $before] = $this->refused($box, $id);
            $before === [] || self::press($bench, $before);
            $chosen = self::chosen($this->proposed($id, $how, $bench, $problem, $packed), $way);
            if ($way === 'behind') {
                $item = FitProblem::pieceOf($id);
                $left = $packed->leavingBehind($problem, $item)->items;
                $still = array_column($left, 'quantity', 'id')[$item] ?? 0;
                $now = array_column($problem->items, 'quantity', 'id')[$item] ?? 0;
                $this->fillBox->leaveOut($box, [$item => $now - $still], LeftWhy::AtTheTable);
            }
            foreach ($chosen->out === null ? [] : $packed->free() as $move) {
                if ($move->first()->id === $chosen->out) {
                    $bench->presses()->create([
                        'crew_id' => $bench->crew_id, 'out' => $move->ids(), 'refused' => $how->value,
                    ]);
                }
            }
            $this->plan($bench, $chosen->plan);
        });
    }

    /**
     * Record how the lid closed in the end, beside how it was thought that it would.
     *
     * @param  int|null  $proudMm  how far the pile stood above the rim, where someone looked
     * @param  string|null  $remark  what was done otherwise
     *
     * @throws CannotChangeBox If the lid is on.
     */
    public function closed(Box $box, Verdict $closed, ?int $proudMm, ?string $remark): void
    {
        DB::transaction(function () use ($box, $closed, $proudMm, $remark): void {
            [$bench, $problem, $packed] = $this->fresh($box);
            $foretold = ClosureOf::packing($problem->box, $packed->placements, $problem->singles())->verdict;
            $bench->update([
                'closed' => $closed->value, 'foretold' => $foretold->value, 'proud_mm' => $proudMm,
                'remark' => $remark, 'closed_at' => now(), 'version' => $bench->version + 1,
            ]);
        });
    }

    /**
     * @param  list<Proposal>  $proposals
     *
     * @throws ChangedMeanwhile If that way is not among them any more.
     */
    private static function chosen(array $proposals, string $way): Proposal
    {
        return array_column($proposals, null, 'way')[$way]
            ?? throw ChangedMeanwhile::said(Words::of('pack/bench.meanwhile'));
    }

    /** @return list<Proposal> */
    private function proposed(string $id, Refusal $how, Bench $bench, Problem $problem, Packed $packed): array
    {
        $plan = $bench->result()->placements;
        $refused = array_column($plan, null, 'id')[$id] ?? null;

        return $refused === null || $packed->isIn($id)
            ? []
            : (new Proposals($this->fitRoom->bench()))
                ->for($problem, $packed, FitProblem::pieceOf($id), $refused->parts[0], $how, $plan);
    }

    /** @return list<Proposal> */
    private function further(Box $box, string $id, Bench $bench, Problem $problem, Packed $packed): array
    {
        $item = FitProblem::pieceOf($id);
        $piece = $box->load(Box::CONTENTS)->pieces->firstWhere('id', $item);

        return $piece === null || $packed->isIn($id) || $bench->box_id !== $box->id
            ? []
            : (new Proposals($this->fitRoom->bench()))->further(
                $problem, $packed, $item, $this->candidates->smallerFor($box->plan(), $piece),
            );
    }

    private function planAround(Problem $problem, Packed $packed): Result
    {
        return $this->fitRoom->bench()->of($packed->around($problem));
    }

    /**
     * @return array{Bench, Problem, Packed}
     *
     * @throws CannotChangeBox
     */
    private function fresh(Box $box): array
    {
        $problem = FitProblem::of(OpenBox::afresh($box->id)->plan());
        $bench = Bench::query()->with('presses')->findOrFail($box->id);

        return [$bench, $problem, $bench->packed()->calledAsIn($problem)];
    }

    /**
     * As a piece did not go in: what goes in at one go with it, and before it, is in by then, though not yet recorded.
     *
     * @return array{Bench, Problem, Packed, list<Placement>} with what is not recorded
     *
     * @throws CannotChangeBox
     */
    private function refused(Box $box, string $id): array
    {
        [$bench, $problem, $packed] = $this->fresh($box);
        $before = $packed->inBefore($id, ...Move::of($bench->result()->placements));

        return [$bench, $problem, $packed->with($before), $before];
    }

    private function plan(Bench $bench, Result $plan): void
    {
        $bench->update(['plan' => ResultFile::write($plan), 'version' => $bench->version + 1]);
    }

    private function touch(Bench $bench): void
    {
        $bench->update(['version' => $bench->version + 1]);
    }

    /** @param list<Placement> $placements */
    private static function press(Bench $bench, array $placements): void
    {
        $bench->presses()->create([
            'crew_id' => $bench->crew_id,
            'in' => array_map(PlacementFields::write(...), $placements),
        ]);
    }
}
