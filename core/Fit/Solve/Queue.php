<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Order;

/** In which order pieces are offered to the box: as packers do it, and what was left out last time earlier. */
final class Queue
{
    /** How far one failure moves a piece forward: a little more than one group. */
    private const NUDGE = 1.3;

    /** After every group, however often it was nudged forward. */
    private const LAST = 1000;

    /** @var array<string, float> */
    private array $nudges = [];

    /** @param list<Item> $items */
    public function __construct(
        private readonly array $items,
        private readonly Order $order,
        private readonly BoxShape $box,
    ) {}

    public function nudge(Item $item): void
    {
        $this->nudges[$item->id] = ($this->nudges[$item->id] ?? 0.0) + ($item->must ? 2 : 1) * self::NUDGE;
    }

    /**
     * @param  bool  $foldedEarly  whether large folded things lie under the hard ones, as many packers do, or fill what
     *     is left
     * @return list<Item>
     */
    public function items(bool $foldedEarly, bool $sightLast = false): array
    {
        $ranks = [];
        foreach ($this->items as $index => $item) {
            $group = $sightLast && $item->firstSight ? self::LAST : $this->group($item, $foldedEarly);
            $ranks[$index] = $group - min(
                0.9,
                $item->size->volume() / max(1.0, $this->box->volume()),
            ) - ($this->nudges[$item->id] ?? 0.0);
        }
        $indexes = array_keys($this->items);
        usort($indexes, static fn (int $a, int $b): int => $ranks[$a] <=> $ranks[$b] ?: $a <=> $b);

        return array_map(fn (int $index): Item => $this->items[$index], $indexes);
    }

    /** @return list<int> the kinds of a repertoire, each as often as there are pieces of it */
    public function kinds(Repertoire $repertoire, bool $foldedEarly, bool $sightLast = false): array
    {
        $numbers = $repertoire->numbers();
        $kinds = [];
        foreach ($this->items($foldedEarly, $sightLast) as $item) {
            if (isset($numbers[$item->id])) {
                $kinds[] = $numbers[$item->id];
            }
        }

        return $kinds;
    }

    private function group(Item $item, bool $foldedEarly): int
    {
        $isLarge = $item->size->volume() > $this->box->volume() / 60;
        $isStick = $item->size->sides()[0] > $this->box->topLength * 0.9;

        return match (true) {
            $item->isFlat() => $this->order === Order::FlatsLast ? 5 : 1,
            $item->hidden => 1,
            $item->form->keepsItsSides() && ($isStick || $isLarge) => 2,
            $item->form === Form::Soft => 3,
            $item->form->keepsItsSides() => 4,
            $item->form === Form::Cloth => $foldedEarly && $isLarge ? 1 : 6,
            default => 7,
        };
    }
}
