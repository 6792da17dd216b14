<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

use PluckyWren\Core\Fit\LeftOut;
use PluckyWren\Core\Fit\Result;
use PluckyWren\Core\Fit\Verdict;

/** Whether it all goes in and the lid closes, as far as a packing shows it. */
final readonly class RoomGauge
{
    /** @param list<array{name: string, reason: string, count: int}> $leftOut what stays out and why */
    private function __construct(
        public RoomState $state,
        public float $proudMm,
        public int $bands,
        public float $fill,
        public array $leftOut,
        public ?Result $result,
    ) {}

    public static function of(Plan $plan, ?Result $result): self
    {
        if ($plan->pieces === [] || $result === null || $result->closure === null) {
            return new self($plan->pieces === [] ? RoomState::Empty : RoomState::NotTried, 0.0, 0, 0.0, [], null);
        }
        $closure = $result->closure;
        $state = match (true) {
            $closure->verdict === Verdict::Open => RoomState::Open,
            ! $result->packsAll() => RoomState::LeftOut,
            default => RoomState::from($closure->verdict->value),
        };

        return new self(
            $state,
            $closure->proudMm,
            $closure->verdict->bands(),
            $result->fill ?? 0.0,
            self::named($plan, $result->leftOut),
            $result,
        );
    }

    /** Determine if there is something in it, and nobody has tried yet how it goes in. */
    public function isUntried(): bool
    {
        return $this->state === RoomState::NotTried;
    }

    public function closesOverAll(): bool
    {
        return in_array($this->state, [RoomState::Flat, RoomState::Snug, RoomState::Tight], true);
    }

    public function leftOutCount(): int
    {
        return array_sum(array_column($this->leftOut, 'count'));
    }

    /**
     * @param  list<LeftOut>  $leftOut
     * @return list<array{name: string, reason: string, count: int}>
     */
    private static function named(Plan $plan, array $leftOut): array
    {
        $names = array_column(
            array_map(static fn (PlannedPiece $piece): array => [$piece->id, $piece->name], $plan->pieces),
            1,
            0,
        );
        $named = [];
        foreach ($leftOut as $out) {
            $piece = FitProblem::pieceOf($out->id);
            $key = $piece.$out->reason->value;
            $named[$key] = [
                'name' => $names[$piece] ?? $piece,
                'reason' => $out->reason->value,
                'count' => ($named[$key]['count'] ?? 0) + 1,
            ];
        }

        return array_values($named);
    }
}
