<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Check;

/** Every part is within the walls at its lowest and its highest level, and under the lid at its furthest. */
final class InsideTheBox implements Rule
{
    public function breaches(Packing $packing): array
    {
        $box = $packing->problem->box;
        $pinned = array_column($packing->problem->pinned, 'id');
        $breaches = [];
        foreach ($packing->solids as $solid) {
            $ceiling = in_array($solid->id(), $pinned, true) ? PHP_INT_MAX : $box->height + $box->bulge;
            if ($solid->part->z < -Tolerance::LENGTH || $solid->part->top() > $ceiling + Tolerance::LENGTH) {
                $breaches[] = "{$solid->id()} is below the floor or above the lid.";
            }
            foreach ([$solid->part->z, $solid->part->top()] as $level) {
                if ($this->reachesThrough($solid, $level, $packing)) {
                    $breaches[] = "{$solid->id()} reaches through a wall.";

                    break;
                }
            }
        }

        return $breaches;
    }

    private function reachesThrough(Solid $solid, int $level, Packing $packing): bool
    {
        $box = $packing->problem->box;
        $share = max(0.0, min(1.0, $level / $box->height));
        $length = $box->floorLength + $share * ($box->topLength - $box->floorLength);
        $width = $box->floorWidth + $share * ($box->topWidth - $box->floorWidth);
        foreach ($solid->corners as [$x, $y]) {
            if (
                abs($x - $box->topLength / 2) > $length / 2 + Tolerance::LENGTH
                    || abs($y - $box->topWidth / 2) > $width / 2 + Tolerance::LENGTH
            ) {
                return true;
            }
        }

        return false;
    }
}
