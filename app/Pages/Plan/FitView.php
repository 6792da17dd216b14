<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Fit\FitRoom;
use App\Words\Words;
use PluckyWren\Core\Box\Packing\Lies;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Fit\Drawing\Layers;
use PluckyWren\Core\Fit\Drawing\QuarterTurn;
use PluckyWren\Core\Fit\Moves\Move;
use PluckyWren\Core\Fit\Placement;

/** A packing as far as one step, from one side. */
final readonly class FitView
{
    private function __construct(public BoxSheet $sheet, public int $step, public int $turn) {}

    /**
     * @param  mixed  $step  as it stands in the address; the first where it says nothing
     * @param  mixed  $turn  quarters
     */
    public static function of(BoxSheet $sheet, mixed $step, mixed $turn): self
    {
        $steps = count($sheet->packing->moves());
        $isStep = is_string($step) && preg_match('/^\d{1,4}$/', $step) === 1;
        $isTurn = is_string($turn) && preg_match('/^[0-3]$/', $turn) === 1;

        return new self($sheet, $isStep ? min($steps, (int) $step) : min($steps, 1), $isTurn ? (int) $turn : 0);
    }

    public function steps(): int
    {
        return count($this->sheet->packing->moves());
    }

    /** Get what goes in at this step. */
    public function current(): ?Move
    {
        return $this->sheet->packing->moves()[$this->step - 1] ?? null;
    }

    public function drawing(): Drawing
    {
        return $this->sheet->packing->drawingOf(
            array_merge(...array_map(
                static fn (Move $move): array => $move->placements,
                array_slice($this->sheet->packing->moves(), 0, $this->step),
            )),
            new QuarterTurn($this->turn),
        );
    }

    /** @return list<array{Drawing, string}> each layer by itself, with the names of what lies in it */
    public function layers(): array
    {
        return array_map(fn (array $layer): array => [
            $this->sheet->packing->drawingOf($layer, new QuarterTurn($this->turn)),
            implode(', ', array_unique(array_map(
                fn (Placement $placement): string => $this->sheet->packing->nameOf($placement->id),
                $layer,
            ))),
        ], Layers::of($this->sheet->packing->order()));
    }

    public function sureness(): Sureness
    {
        return Sureness::of($this->sheet->box, $this->sheet->plan, resolve(FitRoom::class));
    }

    /** Get what this step says. */
    public function says(): string
    {
        $current = $this->current();

        return trim(
            trans_choice('plan/fit.step-of', $this->step, [
                'total' => $this->steps(),
                'says' => $current === null ? '' : $this->sheet->packing->saysMove($current),
            ]),
        );
    }

    /** @return list<PlannedPiece> those that go into the box itself at this step */
    public function currentPieces(): array
    {
        $current = $this->current();

        return $current === null || $current->holder() !== null
            ? []
            : array_map($this->sheet->packing->plannedOf(...), $current->items());
    }

    /** @return list<string> what may be wanted of a piece that is not as it is already */
    public function wishesFor(PlannedPiece $piece): array
    {
        $wish = $piece->choices->packing;
        $isBundle = $piece->quantity > 1 && ($wish->together ?? $piece->kind->handling->together);

        return [
            $wish->pinned === [] ? 'pin' : 'free',
            ...array_filter(
                array_column(Lies::cases(), 'value'),
                static fn (string $lies): bool => $lies !== $wish->lies?->value,
            ),
            ...($wish->lies === null ? [] : ['free']),
            'earlier', 'later',
            ...($piece->quantity === 1 ? [] : [$isBundle ? 'loose' : 'together']),
            $wish->stays ? 'spare' : 'stay',
        ];
    }

    /** Get what is wanted of a piece, in words. */
    public function saysWish(PlannedPiece $piece): string
    {
        $wish = $piece->choices->packing;

        $says = array_filter([
            $wish->pinned === [] ? $wish->lies?->value : 'pinned',
            $wish->together === null ? null : ($wish->together ? 'together' : 'loose'),
            $wish->stays ? 'stays' : null,
            $wish->shift === 0 ? null : ($wish->shift < 0 ? 'earlier' : 'later'),
        ]);

        return implode(', ', array_map(
            static fn (string $is): string => Words::of("plan/fit.own.is.{$is}"),
            $says,
        ));
    }

    /** @return array{step: int, turn: int} the address's question with some of it changed */
    public function query(?int $step = null, ?int $turn = null): array
    {
        return [
            'step' => max(0, min($this->steps(), $step ?? $this->step)),
            'turn' => (($turn ?? $this->turn) + 4) % 4,
        ];
    }
}
