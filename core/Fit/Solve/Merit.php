<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Closure;
use PluckyWren\Core\Fit\Geometry\Standing;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Losses;
use PluckyWren\Core\Fit\Order;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Verdict;

/** How good a packing is, in the order in which the model prefers. */
final readonly class Merit
{
    private function __construct(
        public Losses $losses,
        public int $firstSightHidden,
        public int $outOfOrder,
        public Closure $closure,
    ) {}

    /**
     * @param  list<Placement>  $placements  all that are in the box
     * @param  list<Item>  $leftOut
     * @param  array<string, Item>  $items
     */
    public static function of(Problem $problem, array $placements, array $leftOut, Closure $closure, array $items): self
    {
        $standing = [];
        foreach ($placements as $placement) {
            if (! $placement->isNested()) {
                $standing[] = new Standing($placement->parts[0], $placement->angle, $items[$placement->id], false);
            }
        }

        return new self(
            Losses::of($leftOut),
            count(
                array_filter(
                    $standing,
                    static fn (Standing $one): bool => $one->item->firstSight
                        && self::shareUnder($one, $standing) > 0.5,
                ),
            ),
            count(
                array_filter(
                    $standing,
                    static fn (Standing $one): bool => $one->item->isFlat()
                        && self::isOutOfOrder($one, $standing, $problem->order),
                ),
            ),
            $closure,
        );
    }

    public function isBetterThan(self $that): bool
    {
        return $this->inOrder() < $that->inOrder();
    }

    /** Nothing that another attempt could do better. */
    public function isPerfect(): bool
    {
        return $this->losses->areNone()
            && $this->firstSightHidden === 0
            && $this->outOfOrder === 0
            && $this->closure->verdict === Verdict::Flat && $this->closure->press == 0.0;
    }

    /** @return list<int|float> */
    private function inOrder(): array
    {
        return [
            $this->losses->musts,
            $this->losses->value,
            $this->firstSightHidden,
            $this->outOfOrder,
            $this->closure->press,
            $this->closure->domeMm,
            $this->closure->proudMm,
        ];
    }

    /** @param list<Standing> $standing */
    private static function shareUnder(Standing $one, array $standing): float
    {
        $covered = 0.0;
        foreach ($standing as $other) {
            $covered += $other !== $one && $other->part->z >= $one->top ? $one->sharedArea($other) : 0.0;
        }

        return $covered / ($one->part->l * $one->part->w);
    }

    /** @param list<Standing> $standing */
    private static function isOutOfOrder(Standing $flat, array $standing, Order $order): bool
    {
        return match ($order) {
            Order::FlatsFirst => self::shareUnder($flat, $standing) == 0.0 && $flat->part->z > 0,
            Order::FlatsLast => self::shareUnder($flat, $standing) > 0.5,
            Order::FlatsWall => $flat->part->h === $flat->item->size->sides()[2],
        };
    }
}
