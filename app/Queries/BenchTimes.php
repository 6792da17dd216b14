<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\BenchPress;
use PluckyWren\Core\Box\Bench\Pace;

/** When the crew's latest presses at the bench were made. */
final class BenchTimes
{
    /** @return array<string, list<int>> moments in seconds, latest first, by the id of the box */
    public function latest(): array
    {
        $times = [];
        foreach (BenchPress::query()->orderByDesc('id')->limit(Pace::LOOKED_AT)->get() as $press) {
            $times[$press->box_id][] = $press->created_at->getTimestamp();
        }

        return $times;
    }
}
