<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Pages\Glyphs;
use App\Words\Words;
use PluckyWren\Core\Box\FitProblem;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Drawing\Projection;
use PluckyWren\Core\Fit\Drawing\SceneOf;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;

/** Draws what lies in a planned box, each piece as what it is. */
final readonly class PlanDrawing
{
    /** @var array<string, PlannedPiece> by id */
    private array $planned;

    public function __construct(private Plan $plan, private Problem $problem)
    {
        $this->planned = array_column($plan->pieces, null, 'id');
    }

    /** @param list<Placement> $placements */
    public function of(array $placements, ?BoxShape $box = null, Projection $from = new Projection): Drawing
    {
        $pieces = $looks = [];
        $glyphs = resolve(Glyphs::class);
        foreach ($placements as $placement) {
            $piece = $this->planned[FitProblem::pieceOf($placement->id)];
            $looks[$placement->id] = $piece->kind->look();
            $pieces[$placement->id] = [
                'glyph' => $glyphs->of($piece->kind->category, $piece->kind),
                'lane' => $piece->kind->category,
                'name' => $piece->name,
                'step' => $placement->step,
            ];
        }
        $inside = $box ?? $this->plan->boxKind->inside;
        $scene = (new SceneOf($from))->packing($inside, $placements, $this->problem->singles(), $looks);
        $names = array_map(static fn (array $piece): string => "{$piece['step']}. {$piece['name']}", $pieces);

        return new Drawing(
            $scene,
            Words::of('plan/fit.drawing', [
                'names' => $names === [] ? Words::of('plan/fit.nothing') : implode(', ', $names),
            ]),
            $pieces,
        );
    }
}
