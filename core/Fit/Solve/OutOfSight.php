<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Placement;

/**
 * Puts private wear out of sight: into the block of something else that folds, into something that holds things, under
 * all, under one thing, in the place of something else, or with something laid over it.
 *
 * @phpstan-import-type Row from Layout
 */
final readonly class OutOfSight
{
    /** By how much of what lies on it private wear is folded lower: not at all where that does, and never by more. */
    private const LOWERED = [0.0, 0.5, 1.0];

    /** So much of what is to be covered a fold over it is as broad as; a little more than the half that is asked. */
    private const GOOD_HALF = 0.6;

    private Refolding $refolding;

    /** @param array<string, Item> $items all, by id */
    public function __construct(private array $items, private OtherPlaces $places)
    {
        $this->refolding = new Refolding($items);
    }

    public function of(Improvement $packing): void
    {
        foreach ($packing->kept->seenPrivates as $id) {
            $this->exchange($packing, $id);
        }
        $this->inHollows($packing);
        if ($packing->kept->seenPrivates === []) {
            return;
        }
        foreach (['underAll', 'underOne', 'inPlaceOf', 'covered', 'traded'] as $way) {
            foreach ($packing->kept->seenPrivates as $id) {
                $own = $packing->row($id);
                if ($own !== null) {
                    $packing->takeFirst(match ($way) {
                        'underAll' => $this->places->layouts($own, $packing->rowsBut($own), true),
                        'underOne' => $this->underOne($own, $packing->rowsBut($own)),
                        'inPlaceOf' => $this->inPlaceOf($own, $packing),
                        'covered' => $this->covered($own, $packing),
                        'traded' => $this->traded($own, $packing),
                    });
                }
            }
        }
    }

    /** Put into what holds things and has nothing in it yet, the largest hollow first. */
    private function inHollows(Improvement $packing): void
    {
        $hollows = new FilledHollow;
        foreach ($packing->kept->seenPrivates === [] ? [] : $this->emptyHolders($packing) as $holder) {
            $seen = array_map(fn (string $id): Item => $this->items[$id], $packing->kept->seenPrivates);
            $nestable = array_values(array_filter($seen, static fn (Item $item): bool => $item->cavity === null));
            $packing->nest($hollows->filled($holder, $nestable, 0, 1));
        }
    }

    /** @return list<Item> that are in the box, keep their shape and hold nothing */
    private function emptyHolders(Improvement $packing): array
    {
        $filled = $packing->filled();
        $holders = [];
        foreach ($packing->rows() as [$id]) {
            $item = $this->items[$id];
            if ($item->holdsThings() && $item->cavity?->soft === false && ! isset($filled[$id])) {
                $holders[$id] = $item->cavity->room();
            }
        }
        arsort($holders);

        return array_map(fn (int|string $id): Item => $this->items[$id], array_keys($holders));
    }

    /** Something that folds in the place of something else that does, where both suit the other's block. */
    private function exchange(Improvement $packing, string $id): void
    {
        $mine = array_column($packing->placements, null, 'id')[$id];
        $filled = $packing->filled();
        foreach ($packing->placements as $other) {
            if (
                $other->isNested() || $other->id === $id || isset($filled[$other->id])
                    || $this->items[$other->id]->hidden
                    || ! $this->refolding->fills($this->items[$id], $other->parts[0])
                    || ! $this->refolding->fills($this->items[$other->id], $mine->parts[0])
            ) {
                continue;
            }
            $swapped = array_map(static fn (Placement $one): Placement => match ($one->id) {
                $id => new Placement($id, 1, null, $mine->how, 0.0, $other->parts),
                $other->id => new Placement($other->id, 1, null, $other->how, 0.0, $mine->parts),
                default => $one,
            }, $packing->placements);
            if ($packing->take($swapped)) {
                return;
            }
        }
    }

    /**
     * In the place of something else that folds, and that in its own, each as high as it is then.
     *
     * @param  Row  $own
     * @return iterable<list<Row>>
     */
    private function inPlaceOf(array $own, Improvement $packing): iterable
    {
        $rows = $packing->rows();
        $filled = $packing->filled();
        $at = (int) array_search($own, $rows, true);
        foreach ($this->items[$own[0]]->form->takesAnyShape() ? $rows : [] as $place => $other) {
            $item = $this->items[$other[0]];
            if (! $item->form->takesAnyShape() || $item->hidden || $item->firstSight || isset($filled[$other[0]])) {
                continue;
            }
            foreach ([false, true] as $isPressed) {
                $there = $this->refolding->inPlaceOf($own, $other, $isPressed);
                $here = $this->refolding->inPlaceOf($other, $own, $isPressed);
                if ($there !== null && $here !== null) {
                    $exchanged = $rows;
                    [$exchanged[$place], $exchanged[$at]] = [$there, $here];
                    yield $exchanged;
                }
            }
        }
    }

    /**
     * Folded as broad as something else, and laid under it.
     *
     * @param  Row  $own
     * @param  list<Row>  $others
     * @return iterable<list<Row>>
     */
    private function underOne(array $own, array $others): iterable
    {
        $folds = $this->items[$own[0]]->form->takesAnyShape();
        foreach ($folds ? $others : [] as $at => [$cover, $x, $y, $long, $broad]) {
            if ($this->items[$cover]->hidden || $this->items[$cover]->firstSight) {
                continue;
            }
            foreach ($this->refolding->within($own, $long, $broad) as [$l, $w, $h]) {
                yield [...array_slice($others, 0, $at), [$own[0], $x, $y, $l, $w, $h], ...array_slice($others, $at)];
            }
        }
    }

    /**
     * In the place of something else, whatever that is, and that in its own, on top and flush with a corner of it.
     *
     * @param  Row  $own
     * @return iterable<list<Row>>
     */
    private function traded(array $own, Improvement $packing): iterable
    {
        [, $x, $y, $l, $w] = $own;
        $rows = $packing->rows();
        foreach ($this->items[$own[0]]->form->takesAnyShape() ? $rows : [] as $at => $other) {
            $item = $this->items[$other[0]];
            foreach ($other === $own || $item->hidden || $item->firstSight ? [] : [false, true] as $isPressed) {
                $there = $this->refolding->inPlaceOf($own, $other, $isPressed);
                $left = $rows;
                $left[$at] = $there ?? $other;
                $left = array_values(array_filter($left, static fn (array $row): bool => $row !== $own));
                foreach ($there === null ? [] : $this->turned($other) as [$long, $broad, $high]) {
                    foreach (array_unique([$x, $x + $l - $long]) as $atX) {
                        foreach (array_unique([$y, $y + $w - $broad]) as $atY) {
                            yield [...$left, [$other[0], $atX, $atY, $long, $broad, $high]];
                        }
                    }
                }
            }
        }
    }

    /**
     * With something laid over it.
     *
     * @param  Row  $own
     * @return iterable<list<Row>>
     */
    private function covered(array $own, Improvement $packing): iterable
    {
        [, , , $l, $w] = $own;
        $rows = $packing->rows();
        $filled = $packing->filled();
        foreach ($rows as $at => $row) {
            $item = $this->items[$row[0]];
            if ($row === $own || $item->hidden || $item->firstSight) {
                continue;
            }
            $others = $rows;
            unset($others[$at]);
            $blocks = [...$this->turned($row), ...(isset($filled[$row[0]]) ? [] : $this->foldedOver($row, $l, $w))];
            $places = self::over($own, $row[0], $blocks);
            foreach (self::LOWERED as $share) {
                foreach ($places as $place) {
                    yield [...$this->refolding->lowered($others, $own, (int) ceil($share * $place[5])), $place];
                }
            }
        }
    }

    /**
     * How a piece may lie over half of another or more of it, in either direction: flush with a corner of it, or in its
     * middle.
     *
     * @param  Row  $own  the other
     * @param  list<array{int, int, int}>  $blocks  that it may be
     * @return list<Row>
     */
    private static function over(array $own, string $id, array $blocks): array
    {
        [, $x, $y, $l, $w] = $own;
        $places = [];
        foreach ($blocks as [$long, $broad, $h]) {
            if (2 * min($long, $l) * min($broad, $w) < $l * $w) {
                continue;
            }
            $xs = [$x, $x + $l - $long, $x + intdiv($l - $long, 2)];
            $ys = [$y, $y + $w - $broad, $y + intdiv($w - $broad, 2)];
            foreach ($xs as $atX) {
                foreach ($ys as $atY) {
                    $places[] = [$id, $atX, $atY, $long, $broad, $h];
                }
            }
        }

        return $places;
    }

    /**
     * How a piece may be turned: about its upright axis, and over where it keeps its sides, the flattest first.
     *
     * @param  Row  $row
     * @return list<array{int, int, int}>
     */
    private function turned(array $row): array
    {
        [$id, , , $long, $broad, $h] = $row;
        $item = $this->items[$id];
        $isTurned = $item->form->keepsItsSides() && ! $item->keepUpright && $item->blocks === [];

        return $isTurned
            ? array_map(
                static fn (array $turn): array => [$turn[0], $turn[1], $turn[2]],
                Unit::single(0, $item->size->sides())->turns(),
            )
            : [[$long, $broad, $h], [$broad, $long, $h]];
    }

    /**
     * What folds, to as broad as what is under it, or to a good half of that.
     *
     * @param  Row  $row
     * @return list<array{int, int, int}>
     */
    private function foldedOver(array $row, int $l, int $w): array
    {
        if (! $this->items[$row[0]]->form->takesAnyShape()) {
            return [];
        }
        $part = static fn (int $side): int => (int) ceil(self::GOOD_HALF * $side);

        return [
            ...$this->refolding->within($row, $l, $w),
            ...$this->refolding->within($row, $part($l), $w),
            ...$this->refolding->within($row, $l, $part($w)),
        ];
    }
}
