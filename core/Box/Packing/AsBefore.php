<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Packing;

use PluckyWren\Core\Fit\Answer\Trial;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\LeftOut;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Result;
use PluckyWren\Core\Fit\Solve\LetDown;

/**
 * The packing that there was, without what is not to go in any more: whoever takes something out expects no less. What
 * lay over it comes down, or is packed anew around the rest where it would not lie well.
 */
final readonly class AsBefore
{
    public function __construct(private Trial $trial) {}

    /**
     * @param  Result  $before  of a problem with more in it
     * @return Result|null with what stayed out then, or less; null where it does not know something of this problem, or
     *     does not hold without the rest
     */
    public function of(Problem $problem, Result $before): ?Result
    {
        $singles = $problem->singles();
        $isIn = static fn (Placement|LeftOut $one): bool => isset($singles[$one->id]);
        $left = array_values(array_filter($before->placements, $isIn));
        $out = array_values(array_filter($before->leftOut, $isIn));
        if (count($left) + count($out) !== count($singles) || $problem->pinned !== []) {
            return null;
        }
        $letDown = ValidPacking::of($problem, self::numbered(LetDown::of($problem, $left)), $out);
        if ($letDown !== null) {
            return $letDown;
        }
        $around = $this->around($problem, $left, $before);

        return $around === null
            ? null
            : ValidPacking::of($problem, self::numbered($around->placements), $around->leftOut);
    }

    /**
     * What lay over what is gone, around all the rest.
     *
     * @param  list<Placement>  $left
     */
    private function around(Problem $problem, array $left, Result $before): ?Result
    {
        $loose = array_fill_keys(self::over($problem, $left, $before), true);
        $staying = array_values(array_filter(
            $left,
            static fn (Placement $one): bool => ! isset($loose[Item::idOf($one->id)])
                && ! isset($loose[Item::idOf($one->in ?? '')]),
        ));

        return $loose === []
            ? null
            : $this->trial->of(new Problem($problem->box, $problem->items, $problem->order, $staying));
    }

    /**
     * @param  list<Placement>  $left
     * @return list<string> the items of which something lay in or over what is gone, or over what did
     */
    private static function over(Problem $problem, array $left, Result $before): array
    {
        $over = array_udiff(
            $before->placements, $left, static fn (Placement $one, Placement $other): int => $one->id <=> $other->id,
        );
        usort($left, static fn (Placement $one, Placement $other): int => $one->parts[0]->z <=> $other->parts[0]->z);
        $items = [];
        $gone = array_column($over, null, 'id');
        foreach ($left as $placement) {
            if (isset($gone[$placement->in])) {
                $items[] = Item::idOf($placement->id);
            }
            foreach ($placement->isNested() ? [] : $over as $under) {
                if (! $under->isNested() && $placement->isOver($under)) {
                    $items[] = Item::idOf($placement->id);
                    $over[] = $placement;

                    break;
                }
            }
        }

        return array_values(array_unique($items));
    }

    /**
     * @param  list<Placement>  $placements
     * @return list<Placement> in the same order, with no step left out
     */
    private static function numbered(array $placements): array
    {
        usort($placements, static fn (Placement $one, Placement $other): int => $one->step <=> $other->step);
        $steps = array_flip(array_values(array_unique(array_column($placements, 'step'))));

        return array_map(
            static fn (Placement $placement): Placement => $placement->withStep($steps[$placement->step] + 1),
            $placements,
        );
    }
}
