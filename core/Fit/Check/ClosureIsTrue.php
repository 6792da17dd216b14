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

    /**
     * The resting side that stands upright on this footprint, and how low its form lets that go: where several could,
     * the one with which fewest other sides are pressed, and of those the least.
     *
     * @return array{float, float}
     */
    private function softHeights(Part $part, Item $item): array
    {
        $sides = [$item->size->length, $item->size->width, $item->size->height];
        $best = null;
        foreach ([[1, 2, 0], [2, 1, 0], [0, 2, 1], [2, 0, 1], [0, 1, 2], [1, 0, 2]] as [$one, $other, $upright]) {
            if (
                $this->gives($part->l, $sides[$one], $item)
                    && $this->gives($part->w, $sides[$other], $item)
                    && $this->gives($part->h, $sides[$upright], $item)
            ) {
                $pressed = (int) ($part->l < $sides[$one] - Tolerance::LENGTH)
                    + (int) ($part->w < $sides[$other] - Tolerance::LENGTH);
                $best = min($best ?? [$pressed, $sides[$upright]], [$pressed, $sides[$upright]]);
            }
        }
        $rest = $best[1] ?? $part->h;
        $least = $item->squeeze * max($rest, $item->size->volume() / ($part->l * $part->w));

        return [max($part->h, $rest), $best === null ? $part->h : min($part->h, $least)];
    }

    private function gives(int $side, int $resting, Item $item): bool
    {
        return $side >= $item->squeeze * $resting - Tolerance::LENGTH && $side <= $resting + Tolerance::LENGTH;
    }
}
