<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Part;

/**
 * To which blocks what folds or pours, and lies in a packing, could be brought instead.
 *
 * @phpstan-import-type Row from Layout
 */
final readonly class Refolding
{
    /** @param array<string, Item> $items all, by id */
    public function __construct(private array $items) {}

    /**
     * Blocks of the volume that something folded has, and of the least that it can have, no longer and no broader than
     * given; none that would stand like a tower.
     *
     * @param  Row  $own
     * @return list<array{int, int, int}>
     */
    public function within(array $own, int $long, int $broad): array
    {
        $least = $this->items[$own[0]]->leastSide();
        $blocks = [];
        foreach ([$own[3] * $own[4] * $own[5], $this->items[$own[0]]->leastVolume()] as $volume) {
            array_push(
                $blocks,
                [$long, $broad, (int) ceil($volume / ($long * $broad))],
                [$long, (int) ceil($volume / ($long * $least)), $least],
                [(int) ceil($volume / ($broad * $least)), $broad, $least],
            );
        }

        return array_values(array_filter($blocks, static fn (array $block): bool => min($block) >= $least
            && $block[0] <= $long && $block[1] <= $broad && $block[2] <= max($block[0], $block[1])));
    }

    /**
     * As broad and as long as something else lies, there, and as high as it has to be.
     *
     * @param  Row  $own
     * @param  Row  $place
     * @return Row|null null where it can be made no such block
     */
    public function inPlaceOf(array $own, array $place, bool $isPressed): ?array
    {
        [$id, , , $l, $w, $h] = $own;
        [, $x, $y, $long, $broad] = $place;
        $item = $this->items[$id];
        $volume = $isPressed ? $item->leastVolume() : $l * $w * $h;

        return min($long, $broad) < $item->leastSide()
            ? null
            : [$id, $x, $y, $long, $broad, self::height($item, $volume, $long, $broad)];
    }

    /**
     * Rows with one of them folded lower, as far as it goes.
     *
     * @param  array<Row>  $rows
     * @param  Row  $own
     * @param  int  $by  tenths of a millimetre
     * @return list<Row>
     */
    public function lowered(array $rows, array $own, int $by): array
    {
        [$id, $x, $y, $l, $w, $h] = $own;
        $item = $this->items[$id];
        $least = self::height($item, $item->leastVolume(), $l, $w);
        $lower = $item->form->takesAnyShape() ? min($h, max($least, $h - $by)) : $h;

        return array_values(array_map(
            static fn (array $row): array => $row === $own ? [$id, $x, $y, $l, $w, $lower] : $row,
            $rows,
        ));
    }

    /** Determine if something could be folded or poured to a block. */
    public function fills(Item $item, Part $block): bool
    {
        return $item->form->takesAnyShape()
            && min($block->l, $block->w, $block->h) >= $item->leastSide()
            && $block->volume() >= $item->leastVolume();
    }

    /** How high a volume of it is on such a footprint. */
    private static function height(Item $item, float $volume, int $long, int $broad): int
    {
        return max($item->leastSide(), (int) ceil($volume / ($long * $broad)));
    }
}
