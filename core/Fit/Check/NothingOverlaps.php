<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Check;

/** No two parts run into one another by more than the tolerance. */
final class NothingOverlaps implements Rule
{
    public function breaches(Packing $packing): array
    {
        $breaches = [];
        foreach ($packing->pairs() as [$one, $other]) {
            $deep = min($one->part->top(), $other->part->top()) - max($one->part->z, $other->part->z);
            $overlap = $deep > Tolerance::LENGTH ? min($deep, $one->planOverlap($other)) : 0.0;
            if ($overlap > Tolerance::LENGTH + 1e-6) {
                $breaches[] = sprintf('%s and %s overlap by %.1f mm.', $one->id(), $other->id(), $overlap / 10);
            }
        }

        return $breaches;
    }
}
