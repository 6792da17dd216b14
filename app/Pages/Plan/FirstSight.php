<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Models\Box;
use App\Models\Piece;
use App\Reference\Themes;
use App\Words\Words;
use PluckyWren\Core\Box\FitProblem;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Colour\Colour;
use PluckyWren\Core\Fit\Drawing\Projection;
use PluckyWren\Core\Fit\Kept;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;

/** A box from straight above, as the child sees it when the lid comes off: each thing in its own colour. */
final readonly class FirstSight
{
    /** The names of what is seen first, the largest first. */
    public string $names;

    /** @var array<string, string> by piece */
    private array $called;

    /** @param list<Placement> $packed by step */
    public function __construct(
        private Box $box,
        private Plan $plan,
        private Problem $problem,
        private array $packed,
    ) {
        $this->called = array_column($plan->pieces, 'name', 'id');
        $this->names = implode(', ', array_unique(array_map(
            fn (string $id): string => $this->called[FitProblem::pieceOf($id)],
            Kept::seen($packed, $problem->singles()),
        )));
    }

    public function drawing(): Drawing
    {
        $drawing = (new PlanDrawing($this->plan, $this->problem))->of(
            $this->packed,
            from: new Projection(turnDegrees: 0.0, tiltDegrees: 90.0),
        );
        $words = Words::of('plan/fit.from-above', ['names' => $this->names]);

        return new Drawing($drawing->scene, $words, $drawing->pieces, $this->colours());
    }

    /** @return array<string, Colour> the first of each that is known or that its name tells, by piece */
    private function colours(): array
    {
        $list = resolve(Themes::class)->list();
        $colours = $this->box->contents()->mapWithKeys(fn (Piece $piece): array => [
            $piece->id => $list->coloursOf($piece->lot->colours->colours ?? [], $this->called[$piece->id])[0] ?? null,
        ]);

        return array_filter($colours->all());
    }
}
