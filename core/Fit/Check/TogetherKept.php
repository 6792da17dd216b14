<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Check;

use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;

/** What is to stay together makes one block, in one place, packed in one move. */
final class TogetherKept implements Rule
{
    public function breaches(Packing $packing): array
    {
        $bundles = [];
        foreach ($packing->result->placements as $placement) {
            if (isset($packing->bundles[$placement->id])) {
                $bundles[$packing->bundles[$placement->id]][] = $placement;
            }
        }
        $breaches = [];
        foreach ($bundles as $id => $placements) {
            if (count($placements) > 1 && ! $this->isOne($placements)) {
                $breaches[] = "{$id} is to be packed together and is not.";
            }
        }

        return $breaches;
    }

    /** @param non-empty-list<Placement> $placements */
    private function isOne(array $placements): bool
    {
        $parts = [];
        foreach ($placements as $placement) {
            if (
                $placement->step !== $placements[0]->step
                    || $placement->in !== $placements[0]->in
                    || $placement->angle != 0.0
            ) {
                return false;
            }
            array_push($parts, ...$placement->parts);
        }
        [$from, $to] = [[PHP_INT_MAX, PHP_INT_MAX, PHP_INT_MAX], [PHP_INT_MIN, PHP_INT_MIN, PHP_INT_MIN]];
        foreach ($parts as $part) {
            $from = [min($from[0], $part->x), min($from[1], $part->y), min($from[2], $part->z)];
            $to = [max($to[0], $part->x + $part->l), max($to[1], $part->y + $part->w), max($to[2], $part->top())];
        }
        $block = ($to[0] - $from[0]) * ($to[1] - $from[1]) * ($to[2] - $from[2]);

        return $block <= (1 + Tolerance::VOLUME) * array_sum(
            array_map(static fn (Part $part): int => $part->volume(), $parts),
        );
    }
}
