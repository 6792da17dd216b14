<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Check;

use PluckyWren\Core\Fit\Closure;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Part;

/** What is said of the lid follows from the placements, reckoned column by column. */
final class ClosureIsTrue implements Rule
{
    private const COLUMN = 50;

    public function breaches(Packing $packing): array
    {
        $told = $packing->result->closure;
        $breaches = [];
        if ($told !== null) {
            $found = $this->closure($packing);
            if (
                $found->verdict !== $told->verdict
                    || abs($found->proudMm - $told->proudMm) > 0.15
                    || abs($found->press - $told->press) > 0.002
                    || abs($found->domeMm - $told->domeMm) > 0.15
            ) {
                $breaches[] = sprintf(
                    'The lid is told %s (proud %.1f, press %.3f, dome %.1f) and is %s (%.1f, %.3f, %.1f).',
                    $told->verdict->value, $told->proudMm, $told->press, $told->domeMm,
                    $found->verdict->value, $found->proudMm, $found->press, $found->domeMm,
                );
            }
        }
        $fill = array_sum(
            array_map(static fn (Solid $solid): int => $solid->part->volume(), $packing->solids),
        ) / $packing->problem->box->volume();
        if ($packing->result->fill !== null && abs($fill - $packing->result->fill) > 0.011) {
            $breaches[] = sprintf('The fill is told %.2f and is %.3f.', $packing->result->fill, $fill);
        }

        return $breaches;
    }

    private function closure(Packing $packing): Closure
    {
        $box = $packing->problem->box;
        $proud = $press = 0.0;
        $dome = 0;
        for ($x = self::COLUMN / 2; $x < $box->topLength; $x += self::COLUMN) {
            for ($y = self::COLUMN / 2; $y < $box->topWidth; $y += self::COLUMN) {
                $top = 0;
                $given = $could = 0.0;
                foreach ($packing->solids as $solid) {
                    if ($solid->covers($x, $y) && isset($packing->items[$solid->id()])) {
                        [$rest, $least] = $this->heights($solid->part, $packing->items[$solid->id()]);
                        $top = max($top, $solid->part->top());
                        $given += $rest - $solid->part->h;
                        $could += $rest - $least;
                    }
                }
                $proud = max($proud, $top + $given - $box->height);
                $press = max($press, $could > 0.01 ? min(1.0, $given / $could) : 0.0);
                $dome = max($dome, $top - $box->height);
            }
        }

        return Closure::measured($proud / 10, $press, $dome / 10, $box->bulge / 10);
    }

    /** @return array{float, float} the height it rests at and the least height, with the same footprint */
    private function heights(Part $part, Item $item): array
    {
        $area = $part->l * $part->w;
        $volume = $item->size->volume();

        return match ($item->form) {
            Form::Cloth => [
                max($part->h, $volume / $area),
                min($part->h, max($item->leastSide(), $item->squeeze * $volume / $area)),
            ],
            Form::Loose => [$part->h, min($part->h, max($item->leastSide(), $volume / $area))],
            Form::Soft => $this->softHeights($part, $item),
            default => [$part->h, $part->h],
        };
    }

    /** @return array{float, float} */
    private function softHeights(Part $part, Item $item): array
    {
        $sides = [$item->size->length, $item->size->width, $item->size->height];
        $heights = [$part->h, $part->h];
        $nearest = Tolerance::LENGTH + 1;
        foreach ($sides as $axis => $resting) {
            $footprint = array_values(array_diff_key($sides, [$axis => true]));
            $lies = [$part->l, $part->w];
            sort($footprint);
            sort($lies);
            $off = max(abs($footprint[0] - $lies[0]), abs($footprint[1] - $lies[1]));
            if (
                $off < $nearest
                    && $part->h <= $resting + Tolerance::LENGTH
                    && $part->h >= $item->squeeze * $resting - Tolerance::LENGTH
            ) {
                $nearest = $off;
                $heights = [max($part->h, $resting), min($part->h, $item->squeeze * $resting)];
            }
        }

        return $heights;
    }
}
