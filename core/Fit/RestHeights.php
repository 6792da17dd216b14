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

    /**
     * The piece that is pressed most of all.
     *
     * @param  iterable<Placement>  $placements
     * @param  array<string, Item>  $items  by id
     * @return array{string, float}|null its id, and by how much in tenths of a millimetre; null where nothing is
     */
    public static function mostPressed(iterable $placements, array $items): ?array
    {
        $most = null;
        foreach ($placements as $placement) {
            $part = $placement->parts[0];
            $given = $placement->isNested() ? 0.0 : self::of($part, $items[$placement->id])[0] - $part->h;
            if ($given > ($most[1] ?? 0.5)) {
                $most = [$placement->id, $given];
            }
        }

        return $most;
    }

    /** @return array{float, float} */
    private static function soft(Part $part, Item $item): array
    {
        $rest = self::softRest($part->l, $part->w, $part->h, $item);
        $least = $item->squeeze * max($rest ?? 0, $item->size->volume() / ($part->l * $part->w));

        return $rest === null ? [$part->h, $part->h] : [$rest, min($part->h, $least)];
    }

    /**
     * The height at which a soft piece of this block would rest: the side that stands upright on its footprint; where
     * several could, the one with which fewest other sides are pressed, and of those the least.
     *
     * @return int|null in tenths of a millimetre; null where it cannot be brought to such a block at all
     */
    public static function softRest(int $l, int $w, int $h, Item $item): ?int
    {
        return self::softRests($l, $w, $h, $item)[0][1] ?? null;
    }

    /**
     * Every side of a soft piece that could stand upright in a block, with how many of the others are pressed then.
     *
     * @param  int  $slack  how inexactly the block is looked at, in tenths of a millimetre
     * @return list<array{int, int}> how many are pressed and the side in tenths of a millimetre, the likeliest first
     */
    public static function softRests(int $l, int $w, int $h, Item $item, int $slack = 0): array
    {
        $sides = $item->size->sides();
        // Whole tenths: what is cut to the space that there is may be a fraction of one under what it gives.
        $gives = static fn (int $side, int $resting): bool => $side <= $resting + $slack
            && $side + $slack + 1 > $item->squeeze * $resting;
        $rests = [];
        foreach ([[0, 1, 2], [1, 0, 2], [0, 2, 1], [2, 0, 1], [1, 2, 0], [2, 1, 0]] as [$one, $other, $upright]) {
            if ($gives($l, $sides[$one]) && $gives($w, $sides[$other]) && $gives($h, $sides[$upright])) {
                $rests[] = [
                    (int) ($l < $sides[$one] - $slack) + (int) ($w < $sides[$other] - $slack), $sides[$upright],
                ];
            }
        }
        sort($rests);

        return $rests;
    }
}
