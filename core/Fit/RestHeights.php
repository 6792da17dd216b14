<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit;

/** How high a part would rest, and how low it could be pressed, on the footprint it has. */
final class RestHeights
{
    /** @return array{float, float} both in tenths of a millimetre */
    public static function of(Part $part, Item $item): array
    {
        $spread = $item->size->volume() / ($part->l * $part->w);

        return match ($item->form) {
            Form::Cloth => [max($part->h, $spread), min($part->h, max($item->leastSide(), $item->squeeze * $spread))],
            Form::Loose => [$part->h, min($part->h, max($item->leastSide(), $spread))],
            Form::Soft => self::soft($part, $item),
            default => [$part->h, $part->h],
        };
    }

    /** @return array{float, float} */
    private static function soft(Part $part, Item $item): array
    {
        $sides = [$item->size->length, $item->size->width, $item->size->height];
        foreach ([[0, 1, 2], [0, 2, 1], [1, 2, 0]] as [$a, $b, $upright]) {
            $lies = ($part->l === $sides[$a] && $part->w === $sides[$b])
                || ($part->l === $sides[$b] && $part->w === $sides[$a]);
            $least = $item->squeeze * $sides[$upright];
            if ($lies && $part->h <= $sides[$upright] && $part->h >= floor($least)) {
                return [$sides[$upright], min($part->h, $least)];
            }
        }

        return [$part->h, $part->h];
    }
}
