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

    /** Leaves between pages may be so thick in all, in tenths of a millimetre; an estimate. */
    private const LEAVES_TENTHS = 200;

    /** @var array<string, list<Placement>> by the holder's id, in its own measures */
    private array $inside = [];

    /** @var array<string, Item> what each filled holder is to the box, by its id */
    private array $filled = [];

    /** @var array<string, array<string, list<Placement>>> what is in a pouch, by its id and the block it is then */
    private array $inPouch = [];

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
     * By what a packing is judged: a filled pouch is a block to whoever packs it, but gives as its own cloth does, and
     * is nothing flat.
     *
     * @param  array<string, Item>  $items  of that problem, by id
     * @return array<string, Item> the same, each pouch as it was asked for
     */
    public function asAsked(array $items): array
    {
        return array_replace($items, array_intersect_key($this->problem->singles(), $this->inPouch));
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
            $isPouch = isset($this->inPouch[$placement->id]);
            array_push($all, ...($isPouch ? $this->inPouchAsItIs($placement) : $this->inside[$placement->id] ?? []));
            $all[] = $isPouch
                ? new Placement($placement->id, $placement->step, null, How::Refolded, 0.0, $placement->parts)
                : $placement;
        }

        return $all;
    }

    /** @return list<Placement> what rides in a pouch that has become the block that it lies as */
    private function inPouchAsItIs(Placement $pouch): array
    {
        return $this->inPouch[$pouch->id][self::block($pouch->parts[0])];
    }

    private static function block(Part|Size $block): string
    {
        $sides = $block instanceof Size ? $block->sides() : [$block->l, $block->w, $block->h];
        rsort($sides);

        return implode('x', $sides);
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
        if ($cavity?->soft === true && $holder->holdsThings()) {
            return $this->fillPouch($holder, (new FilledPouch($hollows, $seed))->blocks($holder, $items));
        }
        $placed = match (true) {
            $holder->hasPages() => self::tucked($holder, $items),
            $cavity === null || ! $holder->holdsThings() => [],
            default => $this->best($holder, $items, $hollows, $seed),
        };
        if ($placed !== []) {
            $leaves = $holder->hasPages()
                ? array_sum(array_map(static fn (Placement $leaf): int => $leaf->parts[0]->h, $placed))
                : 0;
            $this->filled[$holder->id] = self::stiff($leaves > 0 ? $holder->thickerBy($leaves) : $holder);
        }

        return $placed;
    }

    /**
     * @param  list<array{Size, list<Placement>}>  $blocks
     * @return list<Placement> what is in it
     */
    private function fillPouch(Item $pouch, array $blocks): array
    {
        if ($blocks === []) {
            return [];
        }
        foreach ($blocks as [$size, $placed]) {
            $this->inPouch[$pouch->id][self::block($size)] = $placed;
        }
        $this->filled[$pouch->id] = self::stiff($pouch)->comingAs(array_column($blocks, 0));

        return $blocks[0][1];
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

    /** With nothing more to be put in, and not to be bent. */
    private static function stiff(Item $holder): Item
    {
        return $holder->filled($holder->size, Form::Rigid, Cavity::closed());
    }
}
