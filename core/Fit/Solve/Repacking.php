<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\Geometry\Standing;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Measure\Size;

/**
 * Takes a few things out of a packing, with all that lies over them, and packs them anew around the rest. Which, and
 * how, is another matter for each number, and the same for the same.
 */
final readonly class Repacking
{
    /** So many others are taken out at most, by chance, besides what lies over them: with more, fewer tries succeed. */
    private const OTHERS = 4;

    /** In one of so many tries what is asked for goes into cups and tins that are empty. */
    private const IN_HOLLOWS = 5;

    /** In one of so many, things go on top of others where they can: however much room there is, something hides it. */
    private const ON_TOP = 5;

    private FilledHollow $hollows;

    /** @param array<string, Item> $items all, by id */
    public function __construct(private Problem $problem, private array $items, private Budget $budget)
    {
        $this->hollows = new FilledHollow($budget);
    }

    /**
     * @param  list<Placement>  $placements  all that are in the box but what is pinned
     * @param  list<string>  $ids  of what is taken out in any case
     * @param  int  $number  of the try, from 0
     * @return list<Placement>|null null where not all of it goes in again
     */
    public function of(array $placements, array $ids, int $number): ?array
    {
        $chance = new Chance($number, 1.0);
        $held = array_filter($placements, static fn (Placement $placement): bool => $placement->isNested());
        $lying = array_column(array_diff_key($placements, $held), null, 'id');
        $others = $chance->some(array_keys($lying), 1 + $number % self::OTHERS);
        $out = $this->withWhatLiesOver($lying, [...$ids, ...$others]);
        if ($out === null) {
            return null;
        }
        $staying = array_values(array_diff_key($lying, $out));
        $filled = array_column([...$held, ...$this->problem->pinned], 'in', 'in');
        $inside = $chance->once(self::IN_HOLLOWS) ? $this->inHollows($ids, $lying, $filled) : [];
        $free = $this->asTheyAre(array_diff_key($out, array_column($inside, null, 'id')), $filled);
        $again = $this->packed($staying, $free, $number, $chance);

        return $again === null ? null : [...array_values($held), ...$inside, ...$staying, ...$again];
    }

    /**
     * @param  array<array-key, Placement>  $lying  by id
     * @param  list<string|int>  $ids
     * @return array<array-key, Placement>|null by id; null where something of it may not move, or lies as no block does
     */
    private function withWhatLiesOver(array $lying, array $ids): ?array
    {
        $pinned = array_column($this->problem->pinned, null, 'id');
        $out = array_intersect_key($lying, array_flip($ids));
        $all = [...array_values($pinned), ...array_values($lying)];
        usort($all, static fn (Placement $one, Placement $other): int => $one->parts[0]->z <=> $other->parts[0]->z);
        foreach ($all as $placement) {
            if ($placement->isNested() || ! (isset($out[$placement->id]) || self::liesOverAny($placement, $out))) {
                continue;
            }
            if (isset($pinned[$placement->id]) || $placement->angle != 0.0 || count($placement->parts) > 1) {
                return null;
            }
            $out[$placement->id] = $placement;
        }

        return $out;
    }

    /** @param array<array-key, Placement> $others */
    private static function liesOverAny(Placement $placement, array $others): bool
    {
        foreach ($others as $other) {
            if ($placement->isOver($other)) {
                return true;
            }
        }

        return false;
    }

    /**
     * As much of what is asked for as goes into what holds things and is empty.
     *
     * @param  list<string>  $ids
     * @param  array<array-key, Placement>  $lying  by id
     * @param  array<array-key, string|null>  $filled  what holds something, under its id
     * @return list<Placement>
     */
    private function inHollows(array $ids, array $lying, array $filled): array
    {
        $asked = array_values(array_filter(
            array_map(fn (string $id): Item => $this->items[$id], $ids),
            static fn (Item $item): bool => $item->cavity === null && ! $item->firstSight,
        ));
        foreach (array_keys(array_diff_key($lying, $filled)) as $id) {
            $inside = $this->items[$id]->holdsThings() ? $this->hollows->filled($this->items[$id], $asked, 0, 1) : [];
            if ($inside !== []) {
                return $inside;
            }
        }

        return [];
    }

    /**
     * Things as what they are in the box: a filled pouch is a block that keeps its sides.
     *
     * @param  array<array-key, Placement>  $placements  by id
     * @param  array<array-key, string|null>  $filled  what holds something, under its id
     * @return list<Item>
     */
    private function asTheyAre(array $placements, array $filled): array
    {
        $items = [];
        foreach ($placements as $id => $placement) {
            $item = $this->items[$id];
            $part = $placement->parts[0];
            $items[] = isset($filled[$id]) && $item->form->takesAnyShape()
                ? $item->filled(new Size($part->l, $part->w, $part->h), Form::Rigid)
                : $item;
        }

        return $items;
    }

    /**
     * @param  list<Placement>  $staying
     * @param  list<Item>  $free
     * @return list<Placement>|null where these go; null where one of them goes nowhere
     */
    private function packed(array $staying, array $free, int $number, Chance $chance): ?array
    {
        $box = $this->problem->box;
        $repertoire = new Repertoire($free);
        $care = SpaceCare::number($number);
        $spaces = new EmptySpaces($box, $box->height + $box->bulge, $care->level, true);
        $room = new Room($box, $repertoire, $spaces, keepsFirstSightClear: $chance->once(2));
        $this->keep($room, $staying, $repertoire->smallest());
        $isTight = ! $chance->once(4);
        $pieces = fn (Weighting $weighting): PieceFirst => new PieceFirst(
            $room,
            $repertoire,
            new BestPlace($room, $box, $this->problem->order, $weighting, $isTight),
            $this->budget,
        );
        if (! $chance->once(3)) {
            $stages = new Stages($repertoire, $this->problem->order);
            $pieces(Weighting::number($number))->run($stages->privates(), false);
        }
        if ($chance->once(self::ON_TOP)) {
            $kinds = array_keys($repertoire->kinds);
            $pieces(Weighting::onTop())->run($chance->some($kinds, count($kinds)));
        }
        $offers = new Offers($repertoire, $care, [], $number, isTight: $isTight);
        (new SpaceFirst($room, $offers, budget: $this->budget))->run();
        [$packed, $out] = $room->packed();

        return $out === [] ? $packed : null;
    }

    /**
     * @param  list<Placement>  $staying
     * @param  array{int, int, int, float}  $smallest  of what is to go in
     */
    private function keep(Room $room, array $staying, array $smallest): void
    {
        foreach ([[$staying, false], [$this->problem->pinned, true]] as [$placements, $isPinned]) {
            foreach ($placements as $placement) {
                foreach ($placement->isNested() ? [] : $placement->parts as $part) {
                    $item = $this->items[$placement->id];
                    $room->keep(new Standing($part, $placement->angle, $item, $isPinned), $smallest);
                }
            }
        }
    }
}
