<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Cavity;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\Item;

/** Fills bottles, cups, tins and pouches with what passes their mouths, as a small box is filled. */
final readonly class Nesting
{
    /** @var list<Item> the largest hollow first, pouches last */
    private array $holders;

    private FilledHollow $hollows;

    /**
     * @param  list<Item>  $free  that may be placed; what holds others is nested in nothing, and what is to be seen
     *     first stays in sight
     */
    public function __construct(private array $free, private ?Budget $budget = null)
    {
        $holders = array_values(array_filter($free, static fn (Item $item): bool => $item->holdsThings()));
        usort($holders, static fn (Item $a, Item $b): int => $b->cavity?->room() <=> $a->cavity?->room());
        $this->holders = $holders;
        $this->hollows = new FilledHollow($budget);
    }

    public function isPossible(): bool
    {
        return $this->holders !== [];
    }

    /** @param array<string, float> $priorities above 1 for what stayed out before */
    public function plan(array $priorities, int $turn, int $seed): Nested
    {
        $left = array_column(
            array_filter($this->free, static fn (Item $item): bool => $item->cavity === null && ! $item->firstSight),
            null,
            'id',
        );
        $placements = $filled = $inPouches = [];
        foreach ($this->holders as $holder) {
            $cavity = $holder->cavity;
            if ($cavity === null || $this->budget?->isSpent() === true) {
                continue;
            }
            if ($cavity->soft) {
                $contents = $this->block($holder, $cavity, array_values($left), $priorities);
                if ($contents !== null) {
                    [$filled[$holder->id], $inPouches[$holder->id]] = [$contents[0], [$contents[1], $contents[2]]];
                    foreach ($contents[2] as $items) {
                        $left = array_diff_key($left, array_column($items, null, 'id'));
                    }
                }

                continue;
            }
            foreach ($this->hollows->filled($holder, array_values($left), $turn, $seed, $priorities) as $placement) {
                $placements[] = $placement;
                unset($left[$placement->id]);
            }
        }

        return new Nested($placements, $filled, $inPouches);
    }

    /**
     * The block of pieces that saves most in a pouch, and the pouch around it.
     *
     * @param  list<Item>  $left
     * @param  array<string, float>  $priorities
     * @return array{Item, Unit, array<int, list<Item>>}|null
     */
    private function block(Item $pouch, Cavity $cavity, array $left, array $priorities): ?array
    {
        [$long, $broad] = $pouch->size->sides();
        $repertoire = new Repertoire(
            array_values(
                array_filter(
                    $left,
                    static fn (Item $item): bool => $item->form->keepsItsSides()
                        && ! $item->keepUpright
                        && $item->size->sides()[0] <= $long,
                ),
            ),
        );
        $best = null;
        $most = 0.0;
        foreach ($repertoire->units as $unit) {
            $sides = $unit->sides;
            rsort($sides);
            // A pouch of that girth goes round it.
            if ($long < $sides[0] + $sides[2] || $broad < $sides[1] + $sides[2]) {
                continue;
            }
            $saved = $unit->volume * max(
                array_map(
                    static fn (int $kind): float => $priorities[$repertoire->kinds[$kind]->model->id] ?? 1.0,
                    array_keys($unit->uses),
                ),
            );
            if ($saved > $most) {
                [$most, $best] = [$saved, $unit];
            }
        }
        if ($best === null) {
            return null;
        }
        $pieces = [];
        foreach ($best->uses as $kind => $count) {
            $pieces[$kind] = array_slice($repertoire->kinds[$kind]->items, 0, $count);
        }

        return [$pouch->filled(FilledPouch::around($pouch, $best->sides)[0], Form::Rigid), $best, $pieces];
    }
}
