<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Item;

/** Takes piece after piece, and puts each where it goes best. */
final readonly class PieceFirst
{
    public function __construct(
        private Room $room,
        private Repertoire $repertoire,
        private BestPlace $bestPlace,
        private ?Budget $budget = null,
    ) {}

    /**
     * @param  list<int>  $queue  kinds, each as often as there are pieces of it; what is in already is passed over
     * @param  bool  $isAll  whether nothing comes after them, so that a space that none of them needs may be forgotten
     * @param  bool  $onFloor  whether they go nowhere but flat on the floor
     * @param  float  $enough  it is given up once the value of what goes in nowhere comes to so much
     * @return list<Item>|null what went in nowhere, each as the first of its kind, where it was given up for that
     */
    public function run(array $queue, bool $isAll = true, bool $onFloor = false, float $enough = INF): ?array
    {
        $smallest = $this->smallest($queue);
        $out = [];
        $valueOut = 0.0;
        foreach ($queue as $at => $kind) {
            if ($this->budget?->isSpent() === true) {
                return null;
            }
            $model = $this->repertoire->kinds[$kind]->model;
            if ($this->room->left[$kind] === 0) {
                continue;
            }
            $best = $this->bestPlace->of($model, $onFloor);
            if ($best !== null) {
                $this->room->left[$kind]--;
                $this->room->place([[$kind, $best[0]]], $best[1], $isAll ? $smallest[$at] : [0, 0, 0, 0.0]);

                continue;
            }
            $out[] = $model;
            $valueOut += $model->value;
            if ($valueOut >= $enough) {
                return $out;
            }
        }

        return null;
    }

    /**
     * @param  list<int>  $queue
     * @return list<array{int, int, int, float}> the least longest, middle and shortest side of what comes after each,
     *     and the least volume
     */
    private function smallest(array $queue): array
    {
        $smallest = [];
        $least = [PHP_INT_MAX, PHP_INT_MAX, PHP_INT_MAX, INF];
        for ($at = count($queue) - 1; $at >= 0; $at--) {
            $smallest[] = $least;
            $least = Kind::lesser($least, $this->repertoire->kinds[$queue[$at]]->leastMeasures());
        }

        return array_reverse($smallest);
    }
}
