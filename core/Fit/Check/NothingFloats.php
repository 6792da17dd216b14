<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Check;

/** Every part but the standing leg of a bend is carried by the floor or by other parts. */
final class NothingFloats implements Rule
{
    public function breaches(Packing $packing): array
    {
        $breaches = [];
        $undersides = [];
        foreach ($packing->solids as $solid) {
            if ($solid->index === 0) {
                $undersides[$packing->bundles[$solid->id()] ?? $solid->id()][] = $solid;
            }
        }
        foreach ($undersides as $id => $solids) {
            // Of a bundle, the lowest parts together; the others lie on them.
            $level = min(array_map(static fn (Solid $solid): int => $solid->part->z, $solids));
            $lowest = array_filter(
                $solids,
                static fn (Solid $solid): bool => $solid->part->z <= $level + Tolerance::LENGTH,
            );
            $share = $this->carried($lowest, $packing);
            if ($level > Tolerance::CONTACT && $share < Tolerance::SUPPORT - 1e-6) {
                $breaches[] = sprintf('%s floats: %d %% of it is carried.', $id, (int) floor($share * 100));
            }
        }

        return $breaches;
    }

    /**
     * @param  array<Solid>  $solids
     * @return float the share of all their undersides
     */
    private function carried(array $solids, Packing $packing): float
    {
        $area = $carried = 0.0;
        foreach ($solids as $solid) {
            $own = $solid->part->l * $solid->part->w;
            $area += $own;
            $carried += $own * PlanArea::shareCovered($solid, array_values(array_filter(
                $packing->solids,
                static fn (Solid $other): bool => $other !== $solid
                    && abs($other->part->top() - $solid->part->z) <= Tolerance::CONTACT,
            )));
        }

        return $area > 0.0 ? $carried / $area : 0.0;
    }
}
