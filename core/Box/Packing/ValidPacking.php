<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Packing;

use PluckyWren\Core\Fit\Check\Validator;
use PluckyWren\Core\Fit\ClosureOf;
use PluckyWren\Core\Fit\LeftOut;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Result;

/** A packing that no solver made for its problem: it counts where the validator finds nothing in it. */
final class ValidPacking
{
    /**
     * @param  list<Placement>  $placements  by step
     * @param  list<LeftOut>  $leftOut
     */
    public static function of(Problem $problem, array $placements, array $leftOut = []): ?Result
    {
        $closure = ClosureOf::packing($problem->box, $placements, $problem->singles());
        $result = new Result($placements, $leftOut, $closure, Result::fillOf($problem->box, $placements));

        return Validator::ofAllRules()->breaches($problem, $result) === [] ? $result : null;
    }
}
