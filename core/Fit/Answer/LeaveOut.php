<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Answer;

use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Result;
use PluckyWren\Core\Fit\Verdict;

/** What to leave out so that the lid closes over all the rest: the cheapest by value first, with alternatives. */
final readonly class LeaveOut
{
    private const ANSWERS = 3;

    /** So many sets are tried. */
    private const TRIES = 16;

    /**
     * A set that frees less than this share of what is too much is not worth a try, as pieces never pack better than
     * that. An estimate.
     */
    private const FREES = 0.6;

    /** @param list<string>|null $staying ids of items that stay whatever else goes; null where each must does */
    public function __construct(private Trial $trial, private ?array $staying = null) {}

    /** @return list<Leaving> */
    public function answers(Problem $problem, Result $now): array
    {
        $answers = [];
        $out = self::counted($problem, array_map(static fn ($out): string => $out->id, $now->leftOut));
        if ($out !== []) {
            $answers[] = new Leaving($out, self::valueOf($problem, $out), $now->closure);
        }
        $tries = 0;
        foreach ($this->sets($problem, $out) as $set) {
            if (count($answers) === self::ANSWERS || $tries === self::TRIES) {
                break;
            }
            if (array_filter($answers, static fn (Leaving $answer): bool => $answer->isWithin($set)) !== []) {
                continue;
            }
            $tries++;
            $rest = $problem->without($set);
            $result = $this->trial->of($rest);
            // Where all goes in as it is, something is left out to spare the lid; else to get the others in.
            $suffices = $out !== [] || in_array($result->closure?->verdict, [Verdict::Flat, Verdict::Snug], true);
            if ($result->packsAll() && $suffices && $result->closure?->verdict !== Verdict::Open) {
                $answers[] = new Leaving($set, self::valueOf($problem, $set), $result->closure);
            }
        }
        usort($answers, static fn (Leaving $one, Leaving $other): int => $one->value <=> $other->value);

        return $answers;
    }

    /**
     * Single pieces and pairs, the cheapest first; among equals the largest, as it frees most.
     *
     * @param  array<string, int>  $out
     * @return list<non-empty-array<string, int>>
     */
    private function sets(Problem $problem, array $out): array
    {
        $items = array_column(array_filter(
            $problem->items,
            fn (Item $item): bool => $this->staying === null
                ? ! $item->must
                : ! in_array($item->id, $this->staying, true),
        ), null, 'id');
        $sets = array_map(static fn (Item $item): array => [$item->id => 1], array_values($items));
        $ids = array_keys($items);
        foreach ($ids as $at => $one) {
            foreach (array_slice($ids, $at + 1) as $other) {
                $sets[] = [$one => 1, $other => 1];
            }
        }
        $asked = self::FREES * self::roomOf($problem, $out);
        $sets = array_values(
            array_filter(
                $sets,
                static fn (array $set): bool => self::roomOf($problem, $set) >= $asked && $set !== $out,
            ),
        );
        usort(
            $sets,
            static fn (array $one, array $other): int => [
                self::valueOf($problem, $one), -self::roomOf($problem, $one),
            ] <=> [
                self::valueOf($problem, $other), -self::roomOf($problem, $other),
            ],
        );

        return $sets;
    }

    /**
     * @param  list<string>  $singles
     * @return array<string, int>
     */
    private static function counted(Problem $problem, array $singles): array
    {
        $counts = [];
        foreach ($problem->items as $item) {
            $count = count(
                array_filter($item->singles(), static fn (Item $single): bool => in_array($single->id, $singles, true)),
            );
            $counts += $count > 0 ? [$item->id => $count] : [];
        }

        return $counts;
    }

    /** @param array<string, int> $set */
    private static function valueOf(Problem $problem, array $set): float
    {
        return array_sum(
            array_map(static fn (Item $item): float => $item->value * ($set[$item->id] ?? 0), $problem->items),
        );
    }

    /** @param array<string, int> $set */
    private static function roomOf(Problem $problem, array $set): float
    {
        return array_sum(
            array_map(static fn (Item $item): float => $item->leastVolume() * ($set[$item->id] ?? 0), $problem->items),
        );
    }
}
