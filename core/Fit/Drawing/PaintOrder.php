<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Drawing;

/**
 * Sorts prisms so that none is painted over one in front of it. Three sticks can lie so that each hides the next; then
 * one of them is cut in two, which always ends, as a grid of cuts can always be sorted.
 */
final readonly class PaintOrder
{
    public function __construct(private Sight $sight) {}

    /**
     * @param  list<Prism>  $prisms
     * @return list<Prism> back to front
     */
    public function sorted(array $prisms): array
    {
        $order = [];
        $hiding = $this->hiding($prisms);
        while ($prisms !== []) {
            $free = array_key_first(
                array_filter($prisms, static fn (int $index): bool => $hiding[$index] === [], ARRAY_FILTER_USE_KEY),
            );
            if ($free === null) {
                $prisms = $this->untangled($prisms, $hiding);
                $hiding = $this->hiding($prisms);

                continue;
            }
            $order[] = $prisms[$free];
            unset($prisms[$free], $hiding[$free]);
            foreach (array_keys($hiding) as $index) {
                unset($hiding[$index][$free]);
            }
        }

        return $order;
    }

    /**
     * What must be painted before each prism.
     *
     * @param  array<int, Prism>  $prisms
     * @return array<int, array<int, true>>
     */
    private function hiding(array $prisms): array
    {
        $hiding = array_fill_keys(array_keys($prisms), []);
        foreach ($prisms as $i => $one) {
            foreach ($prisms as $j => $other) {
                if ($i < $j) {
                    $before = $this->sight->compare($one, $other);
                    if ($before < 0) {
                        $hiding[$j][$i] = true;
                    } elseif ($before > 0) {
                        $hiding[$i][$j] = true;
                    }
                }
            }
        }

        return $hiding;
    }

    /**
     * The same prisms with one of a knot cut in two, along a side of the one of the knot that it hides: the one of
     * which least is lost by it.
     *
     * @param  non-empty-array<int, Prism>  $prisms
     * @param  array<int, array<int, true>>  $hiding
     * @return list<Prism>
     */
    private function untangled(array $prisms, array $hiding): array
    {
        foreach (range(0, max(array_column($prisms, 'lostByACut'))) as $lost) {
            foreach (array_keys($prisms) as $start) {
                foreach (self::knot($start, $hiding) as $index => $behind) {
                    $fragments = $prisms[$index]->lostByACut === $lost
                        ? self::cutAlong($prisms[$index], $prisms[$behind])
                        : [];
                    if ($fragments !== []) {
                        unset($prisms[$index]);

                        return [...array_values($prisms), ...$fragments];
                    }
                }
            }
        }
        // Nothing can be cut: parts that run into one another. Paint the first as it comes.
        $first = array_key_first($prisms);
        $last = $prisms[$first];
        unset($prisms[$first]);

        return array_values([
            ...$prisms,
            new Prism($last->piece, $last->footprint, $last->high - 0.01, $last->high, $last->isTurned, $last->cuts),
        ]);
    }

    /**
     * Where each is hidden by another, following that leads round in the end.
     *
     * @param  array<int, array<int, true>>  $hiding
     * @return array<int, int> of each that is on the way round, what must be painted before it
     */
    private static function knot(int $start, array $hiding): array
    {
        $way = [];
        $at = $start;
        while (! isset($way[$at])) {
            $way[$at] = array_key_first($hiding[$at]) ?? $at;
            $at = $way[$at];
        }
        $round = [];
        while (! isset($round[$at])) {
            $round[$at] = $way[$at];
            $at = $way[$at];
        }

        return $round;
    }

    /** @return list<Prism> the two that one is cut to along a side of another; none where none of these meets it */
    private static function cutAlong(Prism $prism, Prism $behind): array
    {
        [$x1, $y1, $x2, $y2] = $behind->bounds;
        $sides = [
            ['x', $x1], ['x', $x2], ['y', $y1], ['y', $y2], ['z', $behind->low], ['z', $behind->high],
        ];
        foreach ($sides as [$axis, $level]) {
            $fragments = $prism->cutAt($axis, $level);
            if (count($fragments) === 2) {
                return $fragments;
            }
        }

        return [];
    }
}
