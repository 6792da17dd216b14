<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Order;

/**
 * What goes in before all else and what after it, so that a packing is as it is preferred: flat things on the floor
 * and private ones over them first, what is to be seen first last.
 */
final readonly class Stages
{
    public function __construct(private Repertoire $repertoire, private Order $order) {}

    /** @return list<int> the kinds of what is flat, each as often as there are pieces of it, the broadest first */
    public function flats(): array
    {
        $flats = [];
        foreach ($this->repertoire->kinds as $number => $kind) {
            if ($kind->model->isFlat() && ! $kind->model->firstSight) {
                [$long, $broad] = $kind->model->size->sides();
                $flats[$number] = $long * $broad;
            }
        }
        arsort($flats);

        return $this->times(array_keys($flats));
    }

    /** @return list<int> the kinds of what is private, each as often as there are pieces of it */
    public function privates(): array
    {
        return $this->times(array_keys(
            array_filter($this->repertoire->kinds, static fn (Kind $kind): bool => $kind->model->hidden),
        ));
    }

    /** @return list<int> the kinds that go in last, each as often as there are pieces of it */
    public function last(bool $sightLast, bool $flatsLast): array
    {
        $seen = array_keys(
            array_filter($this->repertoire->kinds, static fn (Kind $kind): bool => $kind->model->firstSight),
        );

        return [
            ...($sightLast ? $this->times($seen) : []),
            ...($flatsLast && $this->order === Order::FlatsLast ? $this->flats() : []),
        ];
    }

    /**
     * @param  list<int>  $kinds
     * @return list<int>
     */
    private function times(array $kinds): array
    {
        return array_merge(...array_map(
            fn (int $kind): array => array_fill(0, count($this->repertoire->kinds[$kind]->items), $kind),
            $kinds,
        ));
    }
}
