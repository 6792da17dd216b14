<?php

declare(strict_types=1);

namespace App\Words;

use Closure;
use PluckyWren\Core\Fit\Drawing\Facing;
use PluckyWren\Core\Fit\Drawing\Look;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Moves\Fold;
use PluckyWren\Core\Fit\Moves\Move;
use PluckyWren\Core\Fit\Moves\Relation;
use PluckyWren\Core\Fit\Moves\Side;
use PluckyWren\Core\Fit\Moves\Whereby;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Measure\Unit;

/** Says a move as one packer would tell another: what to take, what to do with it, and where it goes. */
final readonly class MoveWords
{
    /** A fold of between so many tenths of a millimetre is about as wide as a hand. */
    private const HAND = [750, 1100];

    /** What is no higher than so many tenths of a millimetre is laid, not put. */
    private const THIN = 200;

    /**
     * @param  array<string, Item>  $items  by id
     * @param  Closure(string): string  $nameOf  a piece's name by its id in the packing
     * @param  Closure(string): Look  $lookOf
     */
    public function __construct(
        private array $items,
        private Whereby $whereby,
        private Closure $nameOf,
        private Closure $lookOf,
    ) {}

    public function of(Move $move): string
    {
        $holder = $move->holder();
        if ($holder !== null) {
            return Words::of($this->items[$holder]->hasPages() ? 'plan/moves.tuck' : 'plan/moves.fill', [
                'holder' => ($this->nameOf)($holder), 'names' => $this->listed($move),
            ]);
        }
        $things = $move->each();

        return implode(' ', array_map(
            fn (Move $thing): string => $this->ofThing(
                $thing,
                $this->whereOf($thing, $thing === $things[0] ? null : $things[0]),
            ),
            $things,
        ));
    }

    private function ofThing(Move $move, string $where): string
    {
        $block = $move->block();
        $act = $this->act($move, $block);
        $item = $this->items[$move->first()->id];
        $isBundle = $item->form->keepsItsSides();
        $what = $this->what($move, $isBundle);

        $isSeveral = $act === 'fold' && count($move->placements) > 1;

        return Words::of($isSeveral ? 'plan/moves.act.fold-several' : "plan/moves.act.{$act}", [
            'what' => $what,
            'where' => $where,
            'side' => $act === 'bend'
                ? self::side(self::bentUp($move))
                : Words::of('plan/moves.sides.'.Facing::of(($this->lookOf)($move->first()->id), $block)->value),
            'fold' => $act === 'fold'
                ? Words::of('plan/moves.fold.'.Fold::to($move->first()->parts[0], $item)->value, ['what' => $what])
                : '',
            'size' => $act === 'fold'
                ? self::size($move->first()->parts[0], $isSeveral)
                : self::about(max($block->l, $block->w), min($block->l, $block->w), $block->h),
        ]);
    }

    /** @param Move|null $it what was told just before, with which it goes in */
    private function whereOf(Move $thing, ?Move $it): string
    {
        return implode(', ', array_map($this->where(...), $this->whereby->of($thing, $it)));
    }

    private function what(Move $move, bool $isBundle): string
    {
        $name = ($this->nameOf)($move->first()->id);
        $count = count($move->placements);

        return $count === 1
            ? Words::of('plan/moves.one', ['name' => $name])
            : Words::of($isBundle ? 'plan/moves.bundle' : 'plan/moves.several', ['name' => $name, 'count' => $count]);
    }

    private function act(Move $move, Part $block): string
    {
        $placement = $move->first();
        $item = $this->items[$placement->id];
        $look = ($this->lookOf)($placement->id);
        $isLying = $block->h <= min($block->l, $block->w);

        return match (true) {
            $placement->how === How::Diagonal => 'slant',
            $placement->how === How::UpTheWall => 'bend',
            $item->form === Form::Cloth => $this->whereby->isFilled($placement->id) ? 'filled' : 'fold',
            $item->form === Form::Loose => 'push',
            $placement->how === How::Pressed => 'press',
            $look === Look::Bottle, $look === Look::Cup => match (Facing::of($look, $block)) {
                Facing::Up => 'upright',
                default => $look === Look::Bottle ? 'neck' : 'opening',
            },
            $look === Look::Stick, $look === Look::Pencil => $block->h > max($block->l, $block->w) ? 'upright' : 'long',
            $look === Look::Book && $isLying => 'cover',
            $item->isFlat() => $isLying ? 'lay' : 'edge',
            default => $isLying && $block->h <= self::THIN ? 'long' : 'put',
        };
    }

    private function where(Relation $relation): string
    {
        $key = match (true) {
            str_starts_with($relation->kind, 'beside') => "{$relation->kind}.{$relation->sides[0]->value}",
            $relation->cm === 0 => 'right-at',
            default => $relation->kind,
        };

        return Words::of("plan/moves.where.{$key}", [
            'other' => $relation->other === null ? '' : ($this->nameOf)($relation->other),
            'first' => self::side($relation->sides[0] ?? null),
            'second' => self::side($relation->sides[1] ?? null),
            'far' => $relation->cm === null ? '' : LengthWords::about([$relation->cm]),
            'high' => $relation->mm === null ? '' : LengthWords::of(10 * $relation->mm),
        ]);
    }

    private function listed(Move $move): string
    {
        $counts = array_count_values(array_map($this->nameOf, $move->ids()));

        return implode(', ', array_map(
            static fn (int|string $name, int $count): string => $count === 1
                ? (string) $name
                : Words::of('plan/moves.listed', ['count' => $count, 'name' => (string) $name]),
            array_keys($counts),
            $counts,
        ));
    }

    private static function bentUp(Move $move): Side
    {
        [$lying, $standing] = [$move->first()->parts[0], $move->first()->parts[1] ?? $move->first()->parts[0]];

        return match (true) {
            $standing->x >= $lying->x + $lying->l => Side::Right,
            $standing->x + $standing->l <= $lying->x => Side::Left,
            $standing->y + $standing->w <= $lying->y => Side::Front,
            default => Side::Back,
        };
    }

    private static function side(?Side $side): string
    {
        return $side === null ? '' : Words::of("plan/moves.sides.{$side->value}");
    }

    /** Whole centimetres. */
    private static function about(int ...$tenths): string
    {
        return LengthWords::about(array_map(
            static fn (int $side): int => (int) round($side / Unit::Centimetre->tenths()),
            array_values($tenths),
        ));
    }

    /** @param bool $isOfEach whether several are folded alike, each to such a block */
    private static function size(Part $block, bool $isOfEach): string
    {
        $each = $isOfEach ? '-each' : '';
        $sides = [$block->l, $block->w, $block->h];
        rsort($sides);

        return $sides[1] >= self::HAND[0] && $sides[1] <= self::HAND[1]
            ? Words::of("plan/moves.hand{$each}")
            : Words::of("plan/moves.size{$each}", [
                'size' => self::about($sides[0], $sides[1]),
            ]);
    }
}
