<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Answer;

use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Result;

/** Which swaps would help, the best first. */
final readonly class Swaps
{
    /** So many are tried, those of the pieces that stay out first. */
    private const TRIES = 12;

    public function __construct(private Trial $trial) {}

    /**
     * @param  list<Swap>  $swaps  by the item that each takes the place of: the one with the same id
     * @return list<array{Swap, Result}>
     */
    public function thatHelp(Problem $problem, Result $now, array $swaps): array
    {
        $out = array_map(static fn ($out): string => Item::idOf($out->id), $now->leftOut);
        usort(
            $swaps,
            static fn (Swap $one, Swap $other): int => in_array($other->instead->id, $out, true) <=> in_array(
                $one->instead->id,
                $out,
                true,
            ),
        );
        $before = Outcome::of($problem, $now);
        $helping = [];
        foreach (array_slice($swaps, 0, self::TRIES) as $swap) {
            $changed = $problem->with($swap->instead, ...$swap->beside);
            $result = $this->trial->of($changed);
            $after = Outcome::of($changed, $result);
            if ($after->isBetterThan($before)) {
                $helping[] = [$swap, $result, $after];
            }
        }
        usort(
            $helping,
            static fn (array $one, array $other): int => $other[2]->isBetterThan($one[2])
                <=> $one[2]->isBetterThan($other[2]),
        );

        return array_map(static fn (array $one): array => [$one[0], $one[1]], $helping);
    }
}
