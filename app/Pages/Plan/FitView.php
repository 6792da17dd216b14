<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Fit\FitRoom;
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
        $steps = count($sheet->moves());
        $isStep = is_string($step) && preg_match('/^\d{1,4}$/', $step) === 1;
        $isTurn = is_string($turn) && preg_match('/^[0-3]$/', $turn) === 1;

        return new self($sheet, $isStep ? min($steps, (int) $step) : min($steps, 1), $isTurn ? (int) $turn : 0);
    }

    public function steps(): int
    {
        return count($this->sheet->moves());
    }

    /** Get what goes in at this step. */
    public function current(): ?Move
    {
        return $this->sheet->moves()[$this->step - 1] ?? null;
    }

    public function drawing(): Drawing
    {
        return $this->sheet->drawingOf(
            array_merge(...array_map(
                static fn (Move $move): array => $move->placements,
                array_slice($this->sheet->moves(), 0, $this->step),
            )),
            new QuarterTurn($this->turn),
        );
    }

    /** @return list<array{Drawing, string}> each layer by itself, with the names of what lies in it */
    public function layers(): array
    {
        return array_map(fn (array $layer): array => [
            $this->sheet->drawingOf($layer, new QuarterTurn($this->turn)),
            implode(
                ', ',
                array_unique(
                    array_map(fn (Placement $placement): string => $this->sheet->nameOf($placement->id), $layer),
                ),
            ),
        ], Layers::of($this->sheet->packingOrder()));
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
                'says' => $current === null ? '' : $this->sheet->saysMove($current),
            ]),
        );
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
