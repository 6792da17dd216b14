<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Cavity;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Measure\Size;

/** Fills bottles, cups, tins and pouches with what passes their mouths, as a small box is filled. */
final readonly class Nesting
{
    /** So many rectangles are tried in a round hollow. */
    private const RECTANGLES = 4;

    /** @var list<Item> the largest hollow first, pouches last */
    private array $holders;

    /**
     * @param  list<Item>  $free  that may be placed; what holds others is nested in nothing, and what is to be seen
     *     first stays in sight
     */
    public function __construct(private array $free, private ?Budget $budget = null)
    {
        $holders = array_values(array_filter($free, static fn (Item $item): bool => $item->cavity !== null));
        usort($holders, static fn (Item $a, Item $b): int => self::room($b) <=> self::room($a));
        $this->holders = $holders;
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
            foreach ($this->fill($holder, $cavity, array_values($left), $priorities, $turn, $seed) as $placement) {
                $placements[] = $placement;
                unset($left[$placement->id]);
            }
        }

        return new Nested($placements, $filled, $inPouches);
    }

    /**
     * @param  list<Item>  $left
     * @param  array<string, float>  $priorities
     * @return list<Placement>
     */
    private function fill(Item $holder, Cavity $cavity, array $left, array $priorities, int $turn, int $seed): array
    {
        $able = array_values(array_filter($left, static fn (Item $item): bool => self::passes($item, $cavity)));
        if ($able === []) {
            return [];
        }
        $best = [];
        $most = 0.0;
        $repertoire = new Repertoire($able);
        foreach (
            $cavity->round
                ? $this->rectangles($cavity->length, $able, $turn)
                : [[$cavity->length, $cavity->width]] as [$length, $width]
        ) {
            $hollow = BoxShape::straight($holder->name, $length, $width, $cavity->height, 0);
            $care = SpaceCare::number($turn);
            $room = new Room(
                $hollow,
                $repertoire,
                new EmptySpaces($hollow, $cavity->height, $care->level, true),
                false,
                carriesAnything: true,
            );
            (
                new SpaceFirst($room, new Offers($repertoire, $care, $priorities, $seed + $turn), budget: $this->budget)
            )->run();
            [$placed] = $room->packed();
            $saved = array_sum(
                array_map(
                    static fn (Placement $placement): float => $placement->parts[0]->volume() * (
                        $priorities[$placement->id] ?? 1.0
                    ),
                    $placed,
                ),
            );
            if ($saved > $most) {
                $most = $saved;
                $best = array_map(
                    static fn (Placement $placement): Placement => self::inside(
                        $holder,
                        $placement,
                        intdiv($cavity->length - $length, 2),
                        $cavity->round ? intdiv($cavity->length - $width, 2) : 0,
                    ),
                    $placed,
                );
            }
        }

        return $best;
    }

    private static function inside(Item $holder, Placement $placement, int $x, int $y): Placement
    {
        $part = $placement->parts[0];

        return new Placement($placement->id, 1, $holder->id, How::Nested, 0.0, [
            new Part($part->x + $x, $part->y + $y, $part->z, $part->l, $part->w, $part->h),
        ]);
    }

    /**
     * Rectangles within a circle: the square, and such as take a side of what there is.
     *
     * @param  list<Item>  $able
     * @return list<array{int, int}>
     */
    private function rectangles(int $diameter, array $able, int $turn): array
    {
        $square = (int) floor($diameter / M_SQRT2);
        $rectangles = [$square => [$square, $square]];
        foreach ($able as $at => $_) {
            [, $middle, $shortest] = $able[($at + $turn) % count($able)]->size->sides();
            foreach ([$middle, $shortest] as $side) {
                if ($side < $diameter && count($rectangles) < self::RECTANGLES) {
                    $rectangles[$side] = [$side, (int) floor(sqrt($diameter ** 2 - $side ** 2))];
                }
            }
        }

        return array_values($rectangles);
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

        return [self::around($pouch, $best, $cavity->wall), $best, $pieces];
    }

    /** A filled pouch as a block: no smaller than what it holds, nor than its own cloth can be folded. */
    private static function around(Item $pouch, Unit $unit, int $wall): Item
    {
        $sides = array_map(static fn (int $side): int => max($side + 2 * $wall, $pouch->leastSide()), $unit->sides);
        rsort($sides);
        $sides[2] = max($sides[2], (int) ceil($pouch->leastVolume() / ($sides[0] * $sides[1])));

        return new Item(
            $pouch->id,
            $pouch->name,
            new Size(...$sides),
            Form::Rigid,
            value: $pouch->value,
            must: $pouch->must,
            firstSight: $pouch->firstSight,
            measured: $pouch->measured,
            gentle: $pouch->gentle,
            weightG: $pouch->weightG,
        );
    }

    private static function passes(Item $item, Cavity $cavity): bool
    {
        [, $middle, $shortest] = $item->size->sides();
        if ($cavity->mouth === [] || ! $item->form->keepsItsSides()) {
            return true;
        }

        return count($cavity->mouth) === 1
            ? hypot($middle, $shortest) <= $cavity->mouth[0]
            : $middle <= max($cavity->mouth) && $shortest <= min($cavity->mouth);
    }

    private static function room(Item $holder): float
    {
        $cavity = $holder->cavity;

        return $cavity === null || $cavity->soft ? 0.0 : (float) $cavity->length * $cavity->width * $cavity->height;
    }
}
