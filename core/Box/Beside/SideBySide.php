<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Beside;

use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Stash\Category;
use PluckyWren\Core\Stash\ItemKind;

/** Several boxes next to each other: a row for each kind, in the order of the lanes. */
final readonly class SideBySide
{
    /** @param  array<string, Plan>  $plans  by the box's id, in the order in which they stand */
    public function __construct(private array $plans) {}

    /** @return list<BesideRow> by lane, then by the kind's name */
    public function rows(): array
    {
        $kinds = [];
        foreach ($this->plans as $plan) {
            foreach ($plan->pieces as $piece) {
                $kinds[$piece->kind->id] = $piece->kind;
            }
        }
        usort($kinds, static fn (ItemKind $a, ItemKind $b): int => [self::place($a), $a->name]
            <=> [self::place($b), $b->name]);

        return array_map($this->row(...), $kinds);
    }

    /**
     * Deal things out in turn: with one each box gets it, with two every other box.
     *
     * @param  non-empty-list<string>  $things
     * @param  list<string>  $boxes
     * @return array<string, string> what each box gets, by the box's id
     */
    public static function inTurn(array $things, array $boxes): array
    {
        $gets = [];
        foreach (array_values($boxes) as $index => $box) {
            $gets[$box] = $things[$index % count($things)];
        }

        return $gets;
    }

    private function row(ItemKind $kind): BesideRow
    {
        $counts = $names = $toBuy = [];
        foreach ($this->plans as $box => $plan) {
            $of = array_values(array_filter(
                $plan->pieces,
                static fn (PlannedPiece $piece): bool => $piece->kind->id === $kind->id,
            ));
            $counts[$box] = self::sum($of);
            $toBuy[$box] = self::sum(array_filter($of, static fn (PlannedPiece $piece): bool => $piece->isToBuy()));
            $names[$box] = array_values(array_unique(array_map(
                static fn (PlannedPiece $piece): string => $piece->name,
                $of,
            )));
            sort($names[$box]);
        }

        return new BesideRow($kind, $counts, $names, $toBuy);
    }

    /** @param  array<PlannedPiece>  $pieces */
    private static function sum(array $pieces): int
    {
        return array_sum(array_map(static fn (PlannedPiece $piece): int => $piece->quantity, $pieces));
    }

    private static function place(ItemKind $kind): int
    {
        return (int) array_search($kind->category, Category::cases(), true);
    }
}
