<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Budget;

/** Takes piece after piece, and puts each where it goes best. */
final readonly class PieceFirst
{
    public function __construct(
        private Room $room,
        private Repertoire $repertoire,
        private BestPlace $bestPlace,
        private ?Budget $budget = null,
    ) {}

    /** @param list<int> $queue kinds, each as often as there are pieces of it */
    public function run(array $queue): void
    {
        $smallest = $this->smallest($queue);
        foreach ($queue as $at => $kind) {
            if ($this->budget?->isSpent() === true) {
                return;
            }
            $best = $this->bestPlace->of($this->repertoire->kinds[$kind]->model);
            if ($best !== null) {
                $this->room->left[$kind]--;
                $this->room->place([[$kind, $best[0]]], $best[1], $smallest[$at]);
            }
        }
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
            $own = $this->repertoire->kinds[$queue[$at]]->leastMeasures();
            $least = [
                min($least[0], $own[0]), min($least[1], $own[1]), min($least[2], $own[2]), min($least[3], $own[3]),
            ];
        }

        return array_reverse($smallest);
    }
}
