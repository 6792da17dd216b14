<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules;

use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Findings;
use PluckyWren\Core\Guide\Guide;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Recipient\Recipient;

/** Every rule there is; a new rule is one file and one line here. */
final readonly class RuleBook
{
    /** @param list<Rule> $rules */
    private function __construct(private array $rules) {}

    public static function ofAllRules(): self
    {
        return new self([new HoldsNothingFlagged]);
    }

    /** @param list<Held> $held */
    public function findings(Guide $guide, Recipient $recipient, array $held): Findings
    {
        return Findings::of(...array_merge(...array_map(
            /** @return list<Finding> */
            static fn (Rule $rule): array => $rule->findings($guide, $recipient, $held),
            $this->rules,
        )));
    }
}
