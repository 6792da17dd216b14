<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Fit\FitRoom;
use App\Models\Box;
use PluckyWren\Core\Box\FitProblem;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Fit\Answer\HowSure;

/** How sure it is that a box closes, as far as its measures go. */
final readonly class Sureness
{
    /**
     * @param  list<bool>  $tries  whether all went in, once for each try so far
     * @param  list<string>  $unmeasured  the names of pieces that are reckoned by their kind's usual measures
     * @param  string|null  $settledBy  the name of the piece whose measuring would settle it
     * @param  bool  $isAlone  whether the box has been left alone for a while
     */
    private function __construct(
        public Box $box,
        public array $tries,
        public array $unmeasured,
        public ?string $settledBy,
        public ?string $settledByLot,
        public bool $isAlone,
    ) {}

    public static function of(Box $box, Plan $plan, FitRoom $fitRoom): self
    {
        $problem = FitProblem::of($plan);
        $tries = $plan->pieces === [] ? [] : $fitRoom->tries($problem);
        $settles = count($tries) < HowSure::TRIES ? null : HowSure::settledBy($problem, $tries);
        $lot = $settles === null ? null : $box->pieces->firstWhere('id', $settles->id)?->lot_id;

        return new self(
            $box, $tries,
            array_values(
                array_map(
                    static fn (PlannedPiece $piece): string => $piece->name,
                    array_filter(
                        $plan->pieces,
                        static fn (PlannedPiece $piece): bool => ! $piece->thing->measures->areTaken,
                    ),
                ),
            ),
            $settles?->name, $lot, $box->isLeftAlone(),
        );
    }

    public function closed(): int
    {
        return count(array_filter($this->tries));
    }

    public function isDone(): bool
    {
        return count($this->tries) >= HowSure::TRIES;
    }
}
