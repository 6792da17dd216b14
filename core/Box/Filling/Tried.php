<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Filling;

use PluckyWren\Core\Box\FitProblem;
use PluckyWren\Core\Fit\LeftOut;
use PluckyWren\Core\Fit\Result;

/** What came of packing a box. */
final readonly class Tried
{
    /** @param list<string> $leftOut ids of the pieces of which some stayed out */
    public function __construct(public bool $closes, public array $leftOut = []) {}

    public static function of(Result $result): self
    {
        return new self(
            $result->packsAll() && $result->closure?->verdict->closes() === true,
            array_values(array_unique(array_map(
                static fn (LeftOut $one): string => FitProblem::pieceOf($one->id),
                $result->leftOut,
            ))),
        );
    }
}
