<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Fit\FitRoom;
use App\Fit\SwapCandidates;
use App\Models\Box;
use App\Words\LengthWords;
use App\Words\Words;
use PluckyWren\Core\Box\BoxKind;
use PluckyWren\Core\Box\BoxKinds;
use PluckyWren\Core\Box\FitProblem;
use PluckyWren\Core\Box\LeavingOut;
use PluckyWren\Core\Fit\Answer\LeaveOut;
use PluckyWren\Core\Fit\Answer\Leaving;
use PluckyWren\Core\Fit\Answer\Swap;
use PluckyWren\Core\Fit\Answer\Swaps;
use PluckyWren\Core\Fit\Closure;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Order;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Result;
use PluckyWren\Core\Fit\Solve\Nooks;
use PluckyWren\Core\Fit\Verdict;
use PluckyWren\Core\Fit\Whereabouts;

/** What would help where a box is too full, and what would still go in where it is not. */
final class FitAnswers
{
    /** So many pieces on hand are named for the nooks. */
    private const FITTING = 6;

    private readonly Result $result;

    private ?Nooks $nooks = null;

    public function __construct(
        public readonly BoxSheet $sheet,
        private readonly BoxSheets $sheets,
        private readonly FitRoom $fitRoom,
        private readonly Picker $picker,
        private readonly SwapCandidates $candidates,
        private readonly BoxKinds $boxKinds,
    ) {
        $this->result = $sheet->gauges->room->result ?? new Result([], []);
    }

    public static function of(Box $box): self
    {
        return new self(
            resolve(BoxSheets::class)->tried($box),
            resolve(BoxSheets::class),
            resolve(FitRoom::class),
            resolve(Picker::class),
            resolve(SwapCandidates::class),
            resolve(BoxKinds::class),
        );
    }

    /** Determine if there is anything to mend: something stays out, or the lid strains. */
    public function isTooFull(): bool
    {
        return ! $this->result->packsAll()
            || in_array($this->result->closure?->verdict, [Verdict::Tight, Verdict::Open], true);
    }

    /** @return list<LeavingOut> */
    public function leaveOut(): array
    {
        $answers = (
            new LeaveOut($this->fitRoom->trial($this->sheet->box->crew_id), LeavingOut::staying($this->sheet->plan))
        )->answers($this->sheet->problem, $this->result);

        return LeavingOut::gentlest($this->sheet->plan, $answers);
    }

    /** Get what leaving pieces out would do to the must-haves, in words. */
    public function mustHavesAfter(LeavingOut $out): string
    {
        $then = $out->mustHaves;
        $lost = $this->sheet->gauges->mustHaves->filled() - $then->filled();

        return trans_choice('plan/fit.leave-out.must-haves', $lost, [
            'filled' => $then->filled(), 'asked' => $then->asked(),
        ]);
    }

    /** Get the names of what would be left out, as one says them. */
    public function namesOf(Leaving $leaving): string
    {
        return Words::listed(array_map(
            fn (string $id, int $count): string => ($count > 1 ? "{$count} × " : '').$this->sheet->packing->nameOf($id),
            array_keys($leaving->counts),
            $leaving->counts,
        ));
    }

    /** @return list<array{Swap, Result}> */
    public function swaps(): array
    {
        return (new Swaps($this->fitRoom->trial($this->sheet->box->crew_id)))->thatHelp(
            $this->sheet->problem,
            $this->result,
            $this->candidates->of($this->sheet->plan, $this->sheet->box->pieces),
        );
    }

    /** Get what a swap comes to. */
    public function saysOf(Result $result): string
    {
        return $result->packsAll()
            ? Words::of('plan/fit.all-in', ['verdict' => $this->verdict($result->closure)])
            : trans_choice('plan/fit.still-out', count($result->leftOut));
    }

    public function verdict(?Closure $closure): string
    {
        return lcfirst(trans_choice('plan/gauges.room-states.'.($closure->verdict ?? Verdict::Open)->value, 1));
    }

    /** @return list<array{string, string}> the measures of each nook, and where it is */
    public function nooks(): array
    {
        return array_map(fn (Part $nook): array => [
            // Whole millimetres: a nook is room, and no more than there is.
            LengthWords::sides(array_map(
                static fn (int $tenths): int => $tenths - $tenths % 10,
                [$nook->l, $nook->w, $nook->h],
            )),
            $this->placeOf($nook),
        ], $this->nooksLeft()->largest());
    }

    /** The whole packing is laid out for it, so that is done once. */
    private function nooksLeft(): Nooks
    {
        return $this->nooks ??= new Nooks($this->sheet->problem, $this->result);
    }

    /**
     * @return list<array{Offer, string}> what is on hand and would go in as things stand, must-haves first, and where
     *     it would go
     */
    public function fitting(): array
    {
        if (! $this->result->packsAll()) {
            return [];
        }
        $nooks = $this->nooksLeft();
        $here = array_filter($this->sheet->box->pieces->pluck('lot_id')->all());
        $fitting = [];
        $offers = $this->picker->fromStash($this->sheet->plan, $this->sheet->gauges, PickerState::closed());
        foreach ($offers->shown as $offer) {
            $placement = in_array($offer->lot->id, $here, true)
                ? null
                : $nooks->placeFor(FitProblem::item($offer->planned(1), $this->sheet->plan));
            if ($placement !== null) {
                $fitting[] = [$offer, $this->placeOf($placement->parts[0])];
            }
            if (count($fitting) === self::FITTING) {
                break;
            }
        }

        return $fitting;
    }

    /** @return list<BoxSheet> the same pieces in each other box kind that the drive takes */
    public function otherBoxes(): array
    {
        $others = array_filter(
            $this->boxKinds->all(),
            fn (BoxKind $kind): bool => $kind->id !== $this->sheet->plan->boxKind->id
                && $kind->isWithin($this->sheet->plan->guide->terms->boxLimit),
        );

        return array_values(
            array_map(
                fn (BoxKind $kind): BoxSheet => $this->sheets->planned(
                    $this->sheet->box,
                    $this->sheet->plan->with(boxKind: $kind),
                ),
                $others,
            ),
        );
    }

    /** @return list<BoxSheet> packed by the other schools */
    public function otherSchools(): array
    {
        $others = array_filter(
            Order::cases(),
            fn (Order $order): bool => $order !== $this->sheet->plan->ways->packingOrder,
        );

        return array_values(
            array_map(
                fn (Order $order): BoxSheet => $this->sheets->planned(
                    $this->sheet->box,
                    $this->sheet->plan->with(packingOrder: $order),
                ),
                $others,
            ),
        );
    }

    private function placeOf(Part $part): string
    {
        $where = Whereabouts::of(
            new Placement('nook', 1, null, How::Flat, 0.0, [$part]),
            $this->sheet->plan->boxKind->inside,
        );

        return implode(
            ', ',
            array_filter([
                $where->isOnFloor ? Words::of('plan/fit.on-floor') : '',
                Words::of("plan/fit.where.{$where->leftToRight->value}-{$where->frontToBack->value}"),
            ]),
        );
    }
}
