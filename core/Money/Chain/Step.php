<?php

declare(strict_types=1);

namespace PluckyWren\Core\Money\Chain;

use PluckyWren\Core\Money\ExactAmount;

/** One step from the list price to what was paid. */
interface Step
{
    /** What kind of step it is, as it is stored and named. */
    public function kind(): StepKind;

    /**
     * The total after this step.
     *
     * @param  ExactAmount  $total  of all packs, before this step
     * @param  int  $packs  how many packs are bought at once
     *
     * @throws NonsenseStep If the step cannot be.
     */
    public function applied(ExactAmount $total, int $packs): ExactAmount;
}
