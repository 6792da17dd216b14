<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules;

use PluckyWren\Core\Guide\Weight;

/** What can be told of a rule without a box: what it may say, how much that weighs, and on whose figures it rests. */
final readonly class RuleCard
{
    /** Where a rule rests on no public figure. */
    public const OWN_ESTIMATE = 'an estimate of ours';

    public const COMMON_SENSE = 'common sense at the table';

    public const THE_GUIDE = 'the drive’s guide';

    /**
     * @param  array<string, list<Weight>>  $says  by the key of the sentences: the weights that they are said with
     * @param  string  $source  of its figures, as it is cited
     */
    public function __construct(public array $says, public string $source) {}
}
