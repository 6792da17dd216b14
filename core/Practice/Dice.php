<?php

declare(strict_types=1);

namespace PluckyWren\Core\Practice;

/** Chance that is passed in: whoever asks decides what falls. */
interface Dice
{
    /**
     * @param  positive-int  $limit
     * @return int from 0 to one below the limit
     */
    public function below(int $limit): int;
}
