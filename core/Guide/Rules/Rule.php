<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules;

use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Finding;

/** One idea of what a good box does. */
interface Rule
{
    public function card(): RuleCard;

    /** @return list<Finding> none where the box is fine */
    public function findings(BoxContents $box): array;
}
