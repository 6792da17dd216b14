<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send\Track;

/** When a drive's service is asked again: after a good answer at an even pace, after bad ones ever more rarely. */
final readonly class AskAgain
{
    /** After so many doublings it stays as it is. */
    private const MOST_DOUBLINGS = 6;

    /** @param int $pace seconds between two questions about one docket while all is well */
    public function __construct(private int $pace) {}

    /**
     * @param  int  $failures  bad answers in a row, 0 after a good one
     * @return int seconds; at most 64 paces
     */
    public function after(int $failures): int
    {
        return $this->pace * 2 ** min($failures, self::MOST_DOUBLINGS);
    }
}
