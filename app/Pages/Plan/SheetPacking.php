<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Models\Box;
use App\Words\LengthWords;
use App\Words\MoveWords;
use App\Words\Words;
use PluckyWren\Core\Box\FitProblem;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Box\RoomGauge;
use PluckyWren\Core\Fit\Answer\Caution;
use PluckyWren\Core\Fit\Answer\Cautions;
use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Drawing\Elevation;
use PluckyWren\Core\Fit\Drawing\Hollow;
use PluckyWren\Core\Fit\Drawing\Look;
use PluckyWren\Core\Fit\Drawing\QuarterTurn;
use PluckyWren\Core\Fit\Drawing\RestingPile;
use PluckyWren\Core\Fit\Kept;
use PluckyWren\Core\Fit\Moves\Move;
use PluckyWren\Core\Fit\Moves\Shifted;
use PluckyWren\Core\Fit\Moves\Whereby;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\RestHeights;
use PluckyWren\Core\Stash\Category;
use PluckyWren\Core\Stash\FilledThing;

/** How the pieces of a box are packed: in which order, said and drawn, and what it warns of. */
final class SheetPacking
{
    private ?Drawing $drawing = null;

    /** @var list<Placement>|null */
    private ?array $order = null;

    /** @var list<Move>|null */
    private ?array $moves = null;

    private ?MoveWords $moveWords = null;

    /** @param array<string, PlannedPiece> $planned  the plan's pieces by their ids */
    public function __construct(
        private readonly Box $box,
        private readonly Plan $plan,
        private readonly array $planned,
        private readonly RoomGauge $room,
        private readonly Problem $problem,
    ) {}

    /** @return list<Placement> by step, some earlier or later where whoever packs it wants that */
    public function order(): array
    {
        return $this->order ??= Shifted::order(
            $this->room->result->placements ?? [],
            array_filter(array_map(
                static fn (PlannedPiece $piece): int => $piece->choices->packing->shift,
                $this->planned,
            )),
        );
    }

    /** @return list<Move> what goes in at one go each, by their steps */
    public function moves(): array
    {
        return $this->moves ??= Move::of($this->order());
    }

    public function nameOf(string $singleId): string
    {
        return $this->plannedOf($singleId)->name;
    }

    /** Get a piece by its id in the packing. */
    public function plannedOf(string $singleId): PlannedPiece
    {
        return $this->planned[FitProblem::pieceOf($singleId)];
    }

    /** Get the lane of a placed piece, by its id in the packing. */
    public function laneOf(string $singleId): Category
    {
        return $this->plannedOf($singleId)->kind->category;
    }

    /** Get what the drawing shows, in a line. */
    public function inShort(): string
    {
        $packed = count($this->moves());

        return match (true) {
            $this->plan->pieces === [] => Words::of('plan/fit.nothing-yet'),
            $this->room->result === null => Words::of('plan/fit.not-tried'),
            default => trans_choice('plan/fit.packed', $packed),
        };
    }

    /** Get what to do at a step, as one packer would tell another. */
    public function saysMove(Move $move): string
    {
        $this->moveWords ??= $this->wordsAmong($this->order());

        return $this->moveWords->of($move);
    }

    /**
     * Get the words for the steps of a packing of this box, which need not be its own.
     *
     * @param  list<Placement>  $placements
     */
    public function wordsAmong(array $placements): MoveWords
    {
        return new MoveWords(
            $this->problem->singles(),
            new Whereby($this->plan->boxKind->inside, $placements, $this->nameOf(...)),
            $this->nameOf(...),
            fn (string $id): Look => $this->plannedOf($id)->kind->look(),
        );
    }

    /** Get the open box with all that goes in; drawn once, as a view asks for it again and again. */
    public function drawing(): Drawing
    {
        return $this->drawing ??= $this->drawingOf($this->order(), new QuarterTurn(0));
    }

    /**
     * Get the open box with only some of what goes in, from any of its four sides.
     *
     * @param  list<Placement>  $placements
     */
    public function drawingOf(array $placements, QuarterTurn $turn): Drawing
    {
        $inside = $this->plan->boxKind->inside;

        return $this->scene($turn->box($inside), $turn->placements($inside, $placements));
    }

    /** @param list<Placement> $placements */
    private function scene(BoxShape $box, array $placements): Drawing
    {
        return (new PlanDrawing($this->plan, $this->problem))->of($placements, $box);
    }

    public function elevation(): Elevation
    {
        return Elevation::of($this->plan->boxKind->inside, $this->order());
    }

    /** Get how the pile stands before the lid presses it, from the front; null where nothing is pressed. */
    public function restingElevation(): ?Elevation
    {
        return $this->order() === [] || ($this->room->result->closure->press ?? 0.0) == 0.0
            ? null
            : Elevation::of(
                $this->plan->boxKind->inside,
                RestingPile::of($this->order(), $this->problem->singles()),
            );
    }

    /**
     * Get the open box from straight above, as the child sees it when the lid comes off.
     *
     * @param  list<Placement>|null  $packed  as it was really packed; null as it is planned
     */
    public function firstSight(?array $packed = null): FirstSight
    {
        return new FirstSight($this->box, $this->plan, $this->problem, $packed ?? $this->order());
    }

    /**
     * @return list<array{Drawing, string}> for each piece that holds others: its hollow drawn as a box of its own, and
     *     its name
     */
    public function insets(): array
    {
        $insides = [];
        foreach ($this->order() as $placement) {
            if ($placement->in !== null) {
                $insides[$placement->in][] = new Placement(
                    $placement->id,
                    $placement->step,
                    null,
                    $placement->how,
                    $placement->angle,
                    $placement->parts,
                );
            }
        }
        $items = $this->problem->singles();
        $insets = [];
        foreach ($insides as $holder => $placements) {
            $hollow = Hollow::of($items[$holder], $placements);
            $insets[] = [$this->scene($hollow, $placements), $this->nameOf($holder)];
        }

        return $insets;
    }

    /** @return list<string> all that the way it is packed warns of, in words */
    public function warnings(): array
    {
        return [...array_map($this->saysOf(...), $this->cautions()), ...$this->hardToEmpty()];
    }

    /** @return list<string> what is said to be in things that a child could hardly empty again */
    public function hardToEmpty(): array
    {
        $says = [];
        foreach ($this->plan->pieces as $piece) {
            $inside = $piece->thing->inside->isEmpty() ? null : FilledThing::of($piece->thing)->hardToEmpty();
            if ($inside !== null) {
                $says[] = Words::of('plan/fit.cautions.hard-to-empty', [
                    'name' => $piece->name, 'other' => $inside->name,
                ]);
            }
        }

        return $says;
    }

    /** @return list<Caution> what the way it is packed warns of */
    private function cautions(): array
    {
        return $this->room->result === null ? [] : Cautions::of($this->problem, $this->room->result);
    }

    private function saysOf(Caution $caution): string
    {
        return Words::of("plan/fit.cautions.{$caution->about->value}", [
            'name' => $this->nameOf($caution->id),
            'other' => $caution->other === null ? '' : $this->nameOf($caution->other),
        ]);
    }

    /** @return list<string> what there is to say of how it is packed */
    public function remarks(): array
    {
        $order = $this->plan->ways->packingOrder;
        $kept = Kept::in($this->plan->boxKind->inside, $order, $this->order(), $this->problem->singles());
        $remarks = [
            $this->rises(),
            $this->parted(),
            $this->saysOfAll('not-seen', $kept->coveredFirstSights),
            $this->saysOfAll('in-sight', $kept->seenPrivates),
            $kept->order >= Kept::WELL
                ? ''
                : Words::of("plan/fit.gave-way.{$order->value}", ['share' => (int) round(100 * $kept->order)]),
        ];

        return array_values(array_filter($remarks, static fn (string $remark): bool => $remark !== ''));
    }

    /**
     * Get what is to be said of several pieces; empty where there are none.
     *
     * @param  list<string>  $ids
     */
    private function saysOfAll(string $key, array $ids): string
    {
        $names = implode(', ', array_unique(array_map($this->nameOf(...), $ids)));

        return $names === '' ? '' : Words::of("plan/fit.{$key}", ['names' => $names]);
    }

    /** Get what rises over the rim until the lid presses it; empty where nothing does. */
    public function rises(): string
    {
        $proud = $this->room->proudMm;
        $most = $proud > 1.0 ? RestHeights::mostPressed($this->order(), $this->problem->singles()) : null;

        return $most === null
            ? ''
            : Words::of('plan/fit.rises', [
                'name' => $this->nameOf($most[0]), 'high' => LengthWords::of(10 * (int) round($proud)),
            ]);
    }

    /** Get what was parted though it belongs together, and how it lies now: “Pencils 4 and 4”; empty where nothing. */
    private function parted(): string
    {
        $counts = [];
        foreach ($this->moves() as $move) {
            foreach ($move->holder() === null ? $move->each() : [] as $thing) {
                $counts[FitProblem::pieceOf($thing->first()->id)][] = count($thing->placements);
            }
        }
        $parted = [];
        foreach ($this->problem->items as $item) {
            if ($item->together && count($counts[$item->id] ?? []) > 1) {
                $parted[] = Words::of('plan/fit.parted-of', [
                    'name' => $item->name, 'counts' => implode(' + ', $counts[$item->id]),
                ]);
            }
        }

        return $parted === [] ? '' : Words::of('plan/fit.parted', ['names' => implode(', ', $parted)]);
    }
}
