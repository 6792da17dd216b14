<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Check;

use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Result;

/**
 * Judges a result by every rule of the model. It shares no reckoning with any solver, so that neither can hide the
 * other's mistake.
 */
final readonly class Validator
{
    /** @param list<Rule> $rules */
    private function __construct(private array $rules) {}

    public static function ofAllRules(): self
    {
        return new self([
            new EveryPieceOnce, new FormsKept, new NothingOverlaps, new InsideTheBox, new NothingFloats,
            new OrderCanBeFollowed, new PinnedStay, new NestedFit, new IntoKept, new TogetherKept, new ClosureIsTrue,
        ]);
    }

    /** @return list<string> one sentence for each breach; none where the result is valid */
    public function breaches(Problem $problem, Result $result): array
    {
        $packing = new Packing($problem, $result);

        return array_merge(...array_map(static fn (Rule $rule): array => $rule->breaches($packing), $this->rules));
    }
}
