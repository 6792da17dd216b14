<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

use PluckyWren\Core\Fit\Answer\Cautions;
use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Solve\Riders;
use PluckyWren\Core\Measure\Size;

/**
 * A thing with what is said to be in it, tried out: whether all of it goes in, whether a child gets it out again, and
 * how large it is then. What has no hollow that is known of is taken at its word.
 */
final readonly class FilledThing
{
    private const ID = 'holder';

    /** A box in which every holder stands, in tenths of a millimetre. */
    private const TABLE_TENTHS = 20_000;

    private Item $holder;

    /** @param list<array{Thing, int}> $contents with how many of each */
    private function __construct(Thing $holder, private array $contents)
    {
        $this->holder = PackedThing::of(self::ID, $holder);
    }

    /** @param Thing $thing with its contents */
    public static function of(Thing $thing): self
    {
        return new self($thing->holding(Inside::nothing()), $thing->inside->things);
    }

    /** @param Thing $holder in which other things are to go */
    public static function with(Thing $holder, Inside $contents): self
    {
        return new self($holder->holding(Inside::nothing()), $contents->things);
    }

    /**
     * What does not all go in, and how many of it would beside the rest; null where all goes in.
     *
     * @return array{Thing, int}|null
     */
    public function stuck(): ?array
    {
        if (! $this->canBeJudged()) {
            return $this->largerThanItself();
        }
        if ($this->riders($this->contents)->allRide()) {
            return null;
        }
        // One kind of thing after the other, the first as it was named: the one at which it is full.
        $in = [];
        foreach ($this->contents as [$thing, $count]) {
            $most = $this->most($in, $thing, $count);
            if ($most < $count) {
                return [$thing, $most];
            }
            $in[] = [$thing, $count];
        }

        return null;
    }

    /** The first thing in it, where a child could hardly get all of it out again; null where it can. */
    public function hardToEmpty(): ?Thing
    {
        $cavity = $this->holder->cavity;
        if ($cavity === null || $cavity->soft || ! $this->canBeJudged()) {
            return null;
        }
        $inside = $this->riders($this->contents)->insideOf(self::ID);

        return $inside !== [] && Cautions::isHardToEmpty($cavity, $inside) ? $this->contents[0][0] : null;
    }

    /** How large it is with all that is in it; its own size where that does not change. */
    public function size(): Size
    {
        $riders = $this->canBeJudged() ? $this->riders($this->contents) : null;

        return $riders?->allRide() === true ? $riders->problem()->items[0]->size : $this->holder->size;
    }

    /**
     * Nothing goes into a thing of which no hollow is known that is larger than the whole of it: no backpack into a
     * sharpener.
     *
     * @return array{Thing, int}|null
     */
    private function largerThanItself(): ?array
    {
        $left = $this->holder->form->keepsItsSides() ? (float) $this->holder->size->volume() : INF;
        foreach ($this->contents as [$thing, $count]) {
            $item = PackedThing::of('inside', $thing);
            $each = $item->form->keepsItsSides() ? $item->leastVolume() : $item->squeeze * $item->size->volume();
            $isTooLong = $left < INF
                && $item->form->keepsItsSides()
                && $item->size->sides()[0] > $this->holder->size->sides()[0];
            $most = $isTooLong ? 0 : (int) min($count, floor($left / $each));
            if ($most < $count) {
                return [$thing, $most];
            }
            $left -= $count * $each;
        }

        return null;
    }

    private function canBeJudged(): bool
    {
        return $this->contents !== [] && $this->holder->holdsThings();
    }

    /**
     * @param  list<array{Thing, int}>  $in  what is in it already
     * @return int how many of a thing go in beside that, no more than $count
     */
    private function most(array $in, Thing $thing, int $count): int
    {
        [$least, $most] = [0, $count];
        while ($least < $most) {
            $middle = intdiv($least + $most + 1, 2);
            if ($this->riders([...$in, [$thing, $middle]])->allRide()) {
                $least = $middle;
            } else {
                $most = $middle - 1;
            }
        }

        return $least;
    }

    /** @param list<array{Thing, int}> $contents */
    private function riders(array $contents): Riders
    {
        $items = [$this->holder];
        foreach ($contents as $index => [$thing, $count]) {
            $items[] = PackedThing::of("inside-{$index}", $thing, $count)->riding(self::ID);
        }
        $side = self::TABLE_TENTHS;

        return new Riders(new Problem(BoxShape::straight('table', $side, $side, $side, 0), $items), 1);
    }
}
