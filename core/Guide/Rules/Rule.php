<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules;

use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Guide;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Recipient\Recipient;

/** One idea of what a good box does. */
interface Rule
{
    /**
     * @param  list<Held>  $held
     * @return list<Finding> none where the box is fine
     */
    public function findings(Guide $guide, Recipient $recipient, array $held): array;
}
