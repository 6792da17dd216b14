<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Bench;

use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Moves\Move;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;

/** What lies in a box on the bench, in the order in which it went in: one step a press. */
final readonly class Packed
{
    /** @param list<Placement> $placements by their steps, from 1 on */
    private function __construct(public array $placements) {}

    /** @param iterable<Press> $presses in their order */
    public static function after(iterable $presses): self
    {
        $moves = [];
        foreach ($presses as $press) {
            $moves = array_values(array_filter(array_map(
                static fn (array $move): array => array_values(array_filter(
                    $move,
                    static fn (Placement $one): bool => ! in_array($one->id, $press->out, true),
                )),
                $moves,
            ), static fn (array $move): bool => $move !== []));
            if ($press->in !== []) {
                $moves[] = $press->in;
            }
        }
        $placements = [];
        foreach ($moves as $index => $move) {
            foreach ($move as $placement) {
                $placements[] = $placement->withStep($index + 1);
            }
        }

        return new self($placements);
    }

    /** The same with a move taken back out. */
    public function without(Move $out): self
    {
        return self::after([...$this->presses(), Press::out($out->ids())]);
    }

    /**
     * The same with something in at one go.
     *
     * @param  list<Placement>  $in  none where nothing goes in
     */
    public function with(array $in): self
    {
        return $in === [] ? $this : self::after([...$this->presses(), Press::in($in)]);
    }

    /**
     * What has gone in when a piece is said not to: of the two of a move the second is tried once the first is in.
     *
     * @return list<Placement> what of it is not known to be in yet
     */
    public function inBefore(string $id, Move ...$plan): array
    {
        $before = [];
        foreach ($plan as $move) {
            $isOfIt = $move->holder() === null && in_array($id, $move->ids(), true);
            foreach ($isOfIt ? $move->each() : [] as $thing) {
                if (in_array($id, $thing->ids(), true)) {
                    break;
                }
                array_push($before, ...$thing->placements);
            }
        }

        return array_values(array_filter($before, fn (Placement $one): bool => ! $this->isIn($one->id)));
    }

    /** @return list<Press> one by which it would have come to lie as it does, by steps */
    private function presses(): array
    {
        return array_map(static fn (Move $move): Press => Press::in($move->placements), Move::of($this->placements));
    }

    public function isIn(string $id): bool
    {
        return in_array($id, array_column($this->placements, 'id'), true);
    }

    private function isAllIn(Move $move): bool
    {
        return array_diff($move->ids(), array_column($this->placements, 'id')) === [];
    }

    /** Determine if a move of the plan can be made as things stand: all that lies under it and goes into it is in. */
    public function allows(Move $move, Move ...$plan): bool
    {
        foreach ($plan as $other) {
            if ($other->step !== $move->step && ! $this->isAllIn($other) && $other->mustPrecede($move)) {
                return false;
            }
        }

        return true;
    }

    /** @return list<string> ids of what went in last; empty where nothing is in */
    public function last(): array
    {
        $moves = Move::of($this->placements);

        return $moves === [] ? [] : $moves[count($moves) - 1]->ids();
    }

    /**
     * What can be taken back out with nothing lying on it.
     *
     * @return list<Move> the last that went in first; of the two of one move each by itself
     */
    public function free(): array
    {
        $moves = Move::of($this->placements);
        $things = array_merge(...array_map(static fn (Move $move): array => $move->each(), $moves));
        $free = array_filter($things, static fn (Move $thing): bool => $thing->holder() === null && array_filter(
            $moves,
            static fn (Move $other): bool => $other->step > $thing->step && $thing->mustPrecede($other),
        ) === []);

        return array_reverse(array_values($free));
    }

    /**
     * The same, the pieces called as a problem calls them: of an item of which fewer are wanted now, or only one, they
     * go by other numbers; what it does not know is not there any more.
     */
    public function calledAsIn(Problem $problem): self
    {
        $free = [];
        foreach ($problem->items as $item) {
            $free[$item->id] = array_map(static fn (Item $single): string => $single->id, $item->singles());
        }
        $names = [];
        foreach ($this->placements as $placement) {
            $item = Item::idOf($placement->id);
            if (in_array($placement->id, $free[$item] ?? [], true)) {
                $names[$placement->id] = $placement->id;
                $free[$item] = array_values(array_diff($free[$item], [$placement->id]));
            }
        }
        foreach ($this->placements as $placement) {
            $item = Item::idOf($placement->id);
            if (! isset($names[$placement->id]) && ($free[$item] ?? []) !== []) {
                $names[$placement->id] = array_shift($free[$item]);
            }
        }
        $known = $problem->singles();
        $called = [];
        foreach ($this->placements as $one) {
            // What fills a bottle is in it before the bottle is in the box.
            $in = $one->in === null ? null : $names[$one->in] ?? (isset($known[$one->in]) ? $one->in : '');
            if (isset($names[$one->id]) && $in !== '') {
                $called[] = new Placement($names[$one->id], $one->step, $in, $one->how, $one->angle, $one->parts);
            }
        }

        return new self($called);
    }

    /** A problem without what of an item is not in: left behind. */
    public function leavingBehind(Problem $problem, string $item): Problem
    {
        $in = array_filter(
            $this->placements,
            static fn (Placement $placement): bool => Item::idOf($placement->id) === $item,
        );
        $quantity = array_column($problem->items, 'quantity', 'id')[$item] ?? 0;

        return $problem->without([$item => $quantity - count($in)]);
    }

    /** The problem that is left: what is in stays where it is, and as it is. */
    public function around(Problem $problem): Problem
    {
        $packed = $this->calledAsIn($problem);

        return new Problem($problem->box, array_map(
            // Of a bundle of which some are in, the others go in by themselves.
            static fn (Item $item): Item => $item->together && array_filter(
                $item->singles(),
                static fn (Item $single): bool => $packed->isIn($single->id),
            ) !== []
                ? $item->together(false)
                : $item,
            $problem->items,
        ), $problem->order, array_values(array_filter(
            $packed->placements,
            // What waits in a bottle beside the box goes in with it.
            static fn (Placement $one): bool => $one->in === null || $packed->isIn($one->in),
        )));
    }
}
