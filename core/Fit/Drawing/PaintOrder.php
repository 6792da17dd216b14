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
     * The same prisms with one of a knot cut in two, along a side of one that hides it.
     *
     * @param  non-empty-array<int, Prism>  $prisms
     * @param  array<int, array<int, true>>  $hiding
     * @return list<Prism>
     */
    private function untangled(array $prisms, array $hiding): array
    {
        $plainFirst = $prisms;
        uasort($plainFirst, static fn (Prism $one, Prism $other): int => $one->isShaped <=> $other->isShaped);
        foreach ($plainFirst as $index => $prism) {
            foreach (array_keys($hiding[$index]) as $behind) {
                [$x1, $y1, $x2, $y2] = $prisms[$behind]->bounds;
                foreach (
                    [
                        ['x', $x1],
                        ['x', $x2],
                        ['y', $y1],
                        ['y', $y2],
                        ['z', $prisms[$behind]->low],
                        ['z', $prisms[$behind]->high],
                    ] as [$axis, $level]
                ) {
                    $fragments = $prism->cutAt($axis, $level);
                    if (count($fragments) === 2) {
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
}
