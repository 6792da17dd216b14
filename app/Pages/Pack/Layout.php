<?php

declare(strict_types=1);

namespace App\Pages\Pack;

use App\Models\Bench;
use App\Pages\Plan\BoxSheet;
use App\Pages\Plan\Drawing;
use App\Words\MoveWords;
use PluckyWren\Core\Fit\Drawing\QuarterTurn;
use PluckyWren\Core\Fit\Moves\Move;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;

/** A box as it was really packed: step by step, and what became of the plan. */
final readonly class Layout
{
    /** A piece lies where it was planned while it is no further from there, in tenths of a millimetre. */
    private const SAME_PLACE_TENTHS = 50;

    /** @var list<Move> as they were made */
    public array $moves;

    /** @var list<Placement> */
    private array $placements;

    private MoveWords $words;

    public function __construct(public BoxSheet $sheet, public Bench $bench)
    {
        $this->placements = $bench->packed()->calledAsIn($sheet->problem)->placements;
        $this->moves = Move::of($this->placements);
        $this->words = $sheet->packing->wordsAmong($this->placements);
    }

    public function says(Move $move): string
    {
        return $this->words->of($move);
    }

    /** Get what is in after a step; null where that only fills another thing. */
    public function drawing(Move $move): ?Drawing
    {
        $in = array_values(array_filter(
            $this->placements,
            static fn (Placement $one): bool => $one->step <= $move->step,
        ));

        return $move->holder() === null ? $this->sheet->packing->drawingOf($in, new QuarterTurn(0)) : null;
    }

    /** @return list<string> names of what lies elsewhere than it was planned, or was not planned at all */
    public function otherwise(): array
    {
        $planned = array_column($this->sheet->packing->order(), null, 'id');
        $names = [];
        foreach ($this->placements as $placement) {
            $then = $planned[$placement->id] ?? null;
            if ($then === null || ! self::isSamePlace($then, $placement)) {
                $names[] = $this->sheet->packing->nameOf($placement->id);
            }
        }

        return array_values(array_unique($names));
    }

    /** @return list<string> names of what was planned and is not in */
    public function notIn(): array
    {
        $in = array_column($this->placements, null, 'id');
        $out = array_filter(
            array_keys($this->sheet->problem->singles()),
            static fn (int|string $id): bool => ! isset($in[$id]),
        );

        return array_values(array_unique(array_map(
            fn (int|string $id): string => $this->sheet->packing->nameOf((string) $id),
            $out,
        )));
    }

    private static function isSamePlace(Placement $one, Placement $other): bool
    {
        $far = static fn (Part $a, Part $b): int => max(abs($a->x - $b->x), abs($a->y - $b->y), abs($a->z - $b->z));

        return $one->in === $other->in && $far($one->parts[0], $other->parts[0]) <= self::SAME_PLACE_TENTHS;
    }
}
