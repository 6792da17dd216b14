<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Cavity;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;

/** Fills one hollow that keeps its shape with what passes its mouth, as a small box is filled. */
final class FilledHollow
{
    /** So many rectangles are tried in a round hollow. */
    private const RECTANGLES = 4;

    /** @var array<string, Repertoire> of what was put in last, by its ids: it is asked for once for each way */
    private array $repertoire = [];

    public function __construct(private readonly ?Budget $budget = null) {}

    /**
     * @param  list<Item>  $left  what may go in
     * @param  array<string, float>  $priorities  above 1 for what stayed out before, by id
     * @return list<Placement> in the hollow's own measures
     */
    public function filled(Item $holder, array $left, int $turn, int $seed, array $priorities = []): array
    {
        $cavity = $holder->cavity;
        if ($cavity === null || $cavity->soft) {
            return [];
        }
        $able = array_values(array_filter($left, static fn (Item $item): bool => self::passes($item, $cavity)));
        if ($able === []) {
            return [];
        }
        $best = [];
        $most = 0.0;
        $repertoire = $this->repertoire($able);
        foreach (
            $cavity->round
                ? $this->rectangles($cavity->length, $able, $turn)
                : [[$cavity->length, $cavity->width]] as [$length, $width]
        ) {
            $hollow = BoxShape::straight($holder->name, $length, $width, $cavity->height, 0);
            $placed = $this->block($hollow, $repertoire, $turn, $seed, $priorities);
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

    /**
     * What goes into a hollow that is a block, one of so many ways.
     *
     * @param  array<string, float>  $priorities  above 1 for what stayed out before, by id
     * @return list<Placement>
     */
    public function block(
        BoxShape $hollow,
        Repertoire $repertoire,
        int $turn,
        int $seed,
        array $priorities = [],
    ): array {
        $care = SpaceCare::inHollow($turn);
        $room = new Room(
            $hollow,
            $repertoire,
            new EmptySpaces($hollow, $hollow->height, $care->level, true),
            false,
            carriesAnything: true,
        );
        $offers = new Offers($repertoire, $care, $priorities, $seed + $turn, isHeld: true);
        (new SpaceFirst($room, $offers, budget: $this->budget))->run();

        return $room->packed()[0];
    }

    /** @param non-empty-list<Item> $able */
    private function repertoire(array $able): Repertoire
    {
        $key = implode('/', array_column($able, 'id'));
        if (! isset($this->repertoire[$key])) {
            $this->repertoire = [$key => new Repertoire($able)];
        }

        return $this->repertoire[$key];
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
}
