<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Cavity;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\LeftOut;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Reason;
use PluckyWren\Core\Measure\Size;

/**
 * What must ride in other pieces: it is put there before the box is filled, and what holds it goes into the box as what
 * it is then. A bottle keeps its shape and holds nothing else, a pouch becomes a block round its contents, a book
 * becomes as much thicker as the leaves in it.
 */
final class Riders
{
    /** A hollow is filled in so many ways until all that must ride in it is in. */
    private const WAYS = 6;

    /** A pouch is tried in so many thicknesses. */
    private const THICKNESSES = 12;

    /** Leaves between pages may be so thick in all, in tenths of a millimetre; an estimate. */
    private const LEAVES_TENTHS = 200;

    /** @var array<string, list<Placement>> by the holder's id, in its own measures */
    private array $inside = [];

    /** @var array<string, Item> what each filled holder is to the box, by its id */
    private array $filled = [];

    /** @var array<string, true> what cannot ride where it must, by id */
    private array $without = [];

    public function __construct(private readonly Problem $problem, int $seed, ?Budget $budget = null)
    {
        $singles = $problem->singles();
        $pinned = array_column($problem->pinned, null, 'id');
        $riders = [];
        foreach ($singles as $single) {
            if ($single->into !== null && ! isset($pinned[$single->id])) {
                $riders[$single->into][] = $single;
            }
        }
        foreach ($riders as $into => $items) {
            $holder = $singles[$into] ?? $singles["{$into}#1"] ?? null;
            $placed = $holder === null || isset($pinned[$holder->id])
                ? []
                : $this->fill($holder, $items, new FilledHollow($budget), $seed);
            if ($holder !== null && $placed !== []) {
                $this->inside[$holder->id] = $placed;
            }
            $this->without += array_diff_key(
                array_fill_keys(array_column($items, 'id'), true),
                array_column($placed, null, 'id'),
            );
        }
    }

    /** Determine if all that must ride somewhere can. */
    public function allRide(): bool
    {
        return $this->without === [];
    }

    /** @return list<Placement> what rides in a piece, in its own measures */
    public function insideOf(string $holder): array
    {
        return $this->inside[$holder] ?? [];
    }

    /** The same problem with what rides left to its holders. */
    public function problem(): Problem
    {
        if ($this->inside === [] && $this->without === []) {
            return $this->problem;
        }
        $pinned = array_column($this->problem->pinned, null, 'id');
        $items = [];
        foreach ($this->problem->items as $item) {
            $holds = array_filter($item->singles(), fn (Item $single): bool => isset($this->filled[$single->id]));
            if ($item->into !== null) {
                // What is pinned stays in the problem, wherever it is.
                array_push($items, ...array_values(
                    array_filter($item->singles(), static fn (Item $single): bool => isset($pinned[$single->id])),
                ));
            } elseif ($holds === []) {
                $items[] = $item;
            } else {
                foreach ($item->singles() as $single) {
                    $items[] = $this->filled[$single->id] ?? $single;
                }
            }
        }

        return new Problem($this->problem->box, $items, $this->problem->order, $this->problem->pinned);
    }

    /**
     * A packing of that problem together with what rides in it.
     *
     * @param  list<Placement>  $placements
     * @return list<Placement>
     */
    public function with(array $placements): array
    {
        $all = [];
        foreach ($placements as $placement) {
            $isPouch = ($this->filled[$placement->id] ?? null)?->form === Form::Soft;
            array_push($all, ...$this->inside[$placement->id] ?? []);
            $all[] = $isPouch
                ? new Placement($placement->id, $placement->step, null, How::Refolded, 0.0, $placement->parts)
                : $placement;
        }

        return $all;
    }

    /**
     * @param  list<Placement>  $placements  of that problem
     * @return list<LeftOut> what cannot ride where it must, or rides in what stays out
     */
    public function leftOut(array $placements): array
    {
        $placed = array_column($placements, null, 'id');
        $ids = array_keys($this->without);
        foreach ($this->inside as $holder => $inside) {
            array_push($ids, ...(isset($placed[$holder]) ? [] : array_column($inside, 'id')));
        }

        return array_map(static fn (int|string $id): LeftOut => new LeftOut((string) $id, Reason::NoRoom), $ids);
    }

    /**
     * @param  non-empty-list<Item>  $items
     * @return list<Placement>
     */
    private function fill(Item $holder, array $items, FilledHollow $hollows, int $seed): array
    {
        $cavity = $holder->cavity;
        $placed = match (true) {
            $holder->hasPages() => self::tucked($holder, $items),
            $cavity === null || ! $holder->holdsThings() => [],
            $cavity->soft => $this->inPouch($holder, $items, $hollows, $seed),
            default => $this->best($holder, $items, $hollows, $seed),
        };
        if ($placed !== []) {
            $this->filled[$holder->id] = match (true) {
                $holder->hasPages() => self::stiff($holder->thickerBy(
                    array_sum(array_map(static fn (Placement $leaf): int => $leaf->parts[0]->h, $placed)),
                )),
                $cavity?->soft === true => self::around($holder, $placed, $cavity->wall),
                default => self::stiff($holder),
            };
        }

        return $placed;
    }

    /**
     * @param  non-empty-list<Item>  $items
     * @return list<Placement> the most of them that go in
     */
    private function best(Item $holder, array $items, FilledHollow $hollows, int $seed): array
    {
        $best = [];
        for ($way = 0; $way < self::WAYS && count($best) < count($items); $way++) {
            $placed = $hollows->filled($holder, $items, $way, $seed);
            $best = count($placed) > count($best) ? $placed : $best;
        }

        return $best;
    }

    /**
     * The thinnest block of them round which the pouch goes: cloth of that girth.
     *
     * @param  non-empty-list<Item>  $items
     * @return list<Placement>
     */
    private function inPouch(Item $pouch, array $items, FilledHollow $hollows, int $seed): array
    {
        [$long, $broad] = $pouch->size->sides();
        $thinnest = max(array_map(
            static fn (Item $item): int => $item->form->keepsItsSides() ? $item->size->sides()[2] : $item->leastSide(),
            $items,
        ));
        $best = [];
        for ($tried = 0; $tried < self::THICKNESSES && count($best) < count($items); $tried++) {
            $thickness = (int) round($thinnest * (1 + $tried / 2));
            if ($thickness >= $broad) {
                break;
            }
            $block = $pouch->filled(
                $pouch->size,
                Form::Rigid,
                Cavity::block($long - $thickness, $broad - $thickness, $thickness),
            );
            $placed = $this->best($block, $items, $hollows, $seed);
            $best = count($placed) > count($best) ? $placed : $best;
        }

        return $best;
    }

    /**
     * Leaves lie on each other between the pages, as long as none is larger than the book.
     *
     * @param  non-empty-list<Item>  $items
     * @return list<Placement>
     */
    private static function tucked(Item $book, array $items): array
    {
        [$long, $broad] = $book->size->sides();
        $placed = [];
        $level = 0;
        foreach ($items as $item) {
            [$length, $width, $thickness] = $item->size->sides();
            $isLeaf = in_array($item->form, [Form::Sheet, Form::Bendable], true)
                && $length <= $long
                && $width <= $broad
                && $level + $thickness <= self::LEAVES_TENTHS;
            if ($isLeaf) {
                $placed[] = new Placement($item->id, 1, $book->id, How::Nested, 0.0, [
                    new Part(0, 0, $level, $length, $width, $thickness),
                ]);
                $level += $thickness;
            }
        }

        return $placed;
    }

    /**
     * A filled pouch: no smaller than what it holds, nor than its own cloth can be folded. Soft that does not give, as
     * cloth is not laid corner to corner.
     *
     * @param  non-empty-list<Placement>  $contents
     */
    private static function around(Item $pouch, array $contents, int $wall): Item
    {
        $reach = [0, 0, 0];
        foreach ($contents as $placement) {
            $part = $placement->parts[0];
            $reach = [
                max($reach[0], $part->x + $part->l), max($reach[1], $part->y + $part->w), max($reach[2], $part->top()),
            ];
        }
        $sides = array_map(static fn (int $side): int => max($side + 2 * $wall, $pouch->leastSide()), $reach);
        rsort($sides);
        $sides[2] = max($sides[2], (int) ceil($pouch->leastVolume() / ($sides[0] * $sides[1])));

        return $pouch->filled(new Size($sides[0], $sides[1], $sides[2]), Form::Soft);
    }

    /** With nothing more to be put in, and not to be bent. */
    private static function stiff(Item $holder): Item
    {
        return $holder->filled($holder->size, Form::Rigid);
    }
}
