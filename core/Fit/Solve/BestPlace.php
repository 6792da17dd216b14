<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Order;
use WeakMap;

/** Looks through all empty spaces of a room for the best place for one piece. */
final class BestPlace
{
    /**
     * Against reaching above the rim, by how far the lid must give; and against pressing a piece that could lie at
     * rest. More than any place is worth.
     */
    private const LID_GIVES = 20_000.0;

    private const PRESSED = 5_000.0;

    private const STANDING_FOLD = 1_500.0;

    /** From this share of its resting volume on, cloth counts as at rest. */
    private const AS_GOOD_AS_AT_REST = 0.99;

    /** Against lying where the order would have it stand, and the other way round. */
    private const OUT_OF_ORDER = 1_000.0;

    /** @var WeakMap<Item, list<array{int, int, int, array{int, int, int}}>> turns of what keeps its sides */
    private readonly WeakMap $turns;

    /** @param bool $isTight whether what gives is pressed as far as it goes, however much room there is */
    public function __construct(
        private readonly Room $room,
        private readonly BoxShape $box,
        private readonly Order $order,
        private readonly Weighting $weighting,
        private readonly bool $isTight = false,
    ) {
        $this->turns = new WeakMap;
    }

    /**
     * @param  bool  $onFloor  whether it goes nowhere but flat on the floor
     * @return array{array{int, int, int, int, int, int}, How|null}|null the block and how it lies, as what it is where
     *     that is null
     */
    public function of(Item $item, bool $onFloor = false): ?array
    {
        $least = INF;
        $best = null;
        $thickness = $item->isFlat() ? $item->size->sides()[2] : 0;
        $rest = $item->form === Form::Cloth && ! $this->isTight
            ? (int) (self::AS_GOOD_AS_AT_REST * $item->size->volume())
            : 0;
        $standsAtWall = $this->order === Order::FlatsWall;
        $care = $this->weighting;
        foreach ($this->room->spaces->allDrawnIn() as $space) {
            $score0 = $care->level * $space[2];
            if ($score0 >= $least || ($onFloor && $space[2] > 0)) {
                continue;
            }
            $long = $space[3] - $space[0];
            $broad = $space[4] - $space[1];
            $high = $space[5] - $space[2];
            foreach ($this->blocks($item, $long, $broad, $high) as [$l, $w, $h, $how]) {
                $score = $score0 + $care->height * $h + $care->gap * min($long - $l, $broad - $w);
                if ($score >= $least || ($onFloor && $h > min($l, $w))) {
                    continue;
                }
                $over = $space[2] + $h - $this->box->height;
                $score += ($over > 0 ? self::LID_GIVES * ($over > intdiv($this->box->bulge, 2) ? 2 : 1) : 0) + (
                    ! $this->isTight && $how === How::Pressed || ($rest > 0 && $l * $w * $h < $rest) ? self::PRESSED : 0
                );
                // Folds lie flat where they can; they stand like a wall only for want of room.
                $score += $rest > 0 && $h > min($l, $w) ? self::STANDING_FOLD : 0;
                if ($thickness > 0 && ($h > $thickness) !== $standsAtWall) {
                    $score += self::OUT_OF_ORDER;
                }
                $corner = $score < $least ? $this->room->corner($space, $l, $w, $h, $standsAtWall) : null;
                if ($corner === null) {
                    continue;
                }
                $block = [$corner[0], $corner[1], $corner[2], $corner[0] + $l, $corner[1] + $w, $corner[2] + $h];
                $carried = $this->room->carried($block);
                if (
                    $carried >= Pile::CARRIED
                        && $this->room->spares($item, $block)
                        && $score + $care->hang * (1 - $carried) < $least
                ) {
                    $least = $score + $care->hang * (1 - $carried);
                    $best = [$block, $how];
                }
            }
        }

        return $best;
    }

    /** @return list<array{int, int, int, How|null}> what it can be made into in a space */
    private function blocks(Item $item, int $long, int $broad, int $highest): array
    {
        if ($item->form->takesAnyShape()) {
            return array_map(
                static fn (array $block): array => [...$block, How::heaped($item->form)],
                Heaps::in($item, $long, $broad, $highest, false, $this->isTight),
            );
        }
        $blocks = [];
        $isPressed = $this->isTight && $item->form === Form::Soft;
        foreach ($this->turns[$item] ??= self::turnsOf($item) as [$l, $w, $h]) {
            $high = $isPressed ? min($highest, (int) ceil($item->squeeze * $h)) : $highest;
            if ($l <= $long && $w <= $broad && $h <= $high) {
                $blocks[] = [$l, $w, $h, null];
            } elseif ($item->form === Form::Soft) {
                $pressed = Pressing::into($l, $w, $h, $long, $broad, $high, $item);
                if ($pressed !== null) {
                    $blocks[] = [...$pressed, How::Pressed];
                }
            }
        }

        return $blocks;
    }

    /** @return list<array{int, int, int, array{int, int, int}}> */
    private static function turnsOf(Item $item): array
    {
        $turns = [];
        foreach ($item->arrangements() as $size) {
            array_push(
                $turns,
                ...Unit::single(0, [$size->length, $size->width, $size->height])->turns($item->keepUpright),
            );
        }

        return $turns;
    }
}
