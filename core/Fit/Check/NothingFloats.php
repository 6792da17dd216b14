<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Check;

/** Every part but the standing leg of a bend is carried by the floor or by other parts. */
final class NothingFloats implements Rule
{
    public function breaches(Packing $packing): array
    {
        $breaches = [];
        foreach ($packing->solids as $solid) {
            if ($solid->index > 0 || $solid->part->z <= Tolerance::CONTACT) {
                continue;
            }
            $carriers = array_values(array_filter(
                $packing->solids,
                static fn (Solid $other): bool => $other !== $solid
                    && abs($other->part->top() - $solid->part->z) <= Tolerance::CONTACT,
            ));
            $share = PlanArea::shareCovered($solid, $carriers);
            if ($share < Tolerance::SUPPORT - 1e-6) {
                $breaches[] = sprintf('%s floats: %d %% of it is carried.', $solid->id(), (int) floor($share * 100));
            }
        }

        return $breaches;
    }
}
