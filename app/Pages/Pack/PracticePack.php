<?php

declare(strict_types=1);

namespace App\Pages\Pack;

use App\Fit\FitRoom;
use App\Pages\Plan\Drawing;
use App\Pages\Plan\PlanDrawing;
use App\Words\Words;
use PluckyWren\Core\Box\FitProblem;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Box\RoomGauge;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Result;
use PluckyWren\Core\Fit\Whereabouts;
use PluckyWren\Core\Practice\ByHand;

/** Pack it by hand: what is in, what is left, where it could go, and what the engine does with the same things. */
final readonly class PracticePack
{
    /** More single things than these are not packed by hand here. */
    private const MOST = 40;

    /**
     * @param  list<string>  $put  as it stands in the address: a thing and its place, by a point
     * @param  Item|null  $taken  what is held in the hand
     */
    private function __construct(
        public PracticeBox $box,
        public Plan $plan,
        public Problem $problem,
        public ByHand $byHand,
        public array $put,
        public ?Item $taken,
        public bool $isDone,
    ) {}

    /** @param array<array-key, mixed> $query */
    public static function of(array $query): self
    {
        $box = PracticeBox::of($query);
        $plan = $box->plan();
        $problem = FitProblem::of($plan);
        $put = array_slice(array_values(array_filter(
            (array) ($query['put'] ?? []),
            static fn (mixed $one): bool => is_string($one) && preg_match('/^[\w#-]{1,60}\.\d$/', $one) === 1,
        )), 0, self::MOST);
        $byHand = ByHand::after($problem, array_map(
            static fn (string $one): array => [substr($one, 0, -2), (int) substr($one, -1)],
            $put,
        ));
        $take = $query['take'] ?? null;

        return new self(
            $box, $plan, $problem, $byHand, $put, is_string($take) ? $byHand->left()[$take] ?? null : null,
            isset($query['done']) || $byHand->left() === [],
        );
    }

    /** @return array<string, PlannedPiece> what is left, one of each thing that is there several times, by its id */
    public function left(): array
    {
        $pieces = array_column($this->plan->pieces, null, 'id');
        $left = [];
        foreach ($this->byHand->left() as $id => $item) {
            $piece = FitProblem::pieceOf((string) $id);
            if (! isset($left[$piece])) {
                $left[$piece] = [(string) $id, $pieces[$piece]];
            }
        }

        return array_column($left, 1, 0);
    }

    /** How many of a thing are left. */
    public function countOf(PlannedPiece $piece): int
    {
        return count(array_filter(
            array_keys($this->byHand->left()),
            static fn (int|string $id): bool => FitProblem::pieceOf((string) $id) === $piece->id,
        ));
    }

    /** @return list<Placement> where what is held could go */
    public function places(): array
    {
        return $this->taken === null ? [] : $this->byHand->placesFor($this->taken->id);
    }

    /** Get what is in, and as a ghost where what is held would go at each place. */
    public function drawing(?Placement $place = null): Drawing
    {
        return (new PlanDrawing($this->plan, $this->problem))->of([
            ...$this->byHand->placements, ...($place === null ? [] : [$place]),
        ]);
    }

    public function saysPlace(Placement $place): string
    {
        $where = Whereabouts::of($place, $this->plan->boxKind->inside);

        return Words::of("pack/practice.how.{$place->how->value}").', '.implode(', ', array_filter([
            $where->isOnFloor ? Words::of('plan/fit.on-floor') : '',
            Words::of("plan/fit.where.{$where->leftToRight->value}-{$where->frontToBack->value}"),
        ]));
    }

    /** @return array<string, mixed> the address with one thing more put in, or the last taken back */
    public function address(?string $more = null, bool $isBack = false): array
    {
        $put = $isBack ? array_slice($this->put, 0, -1) : [...$this->put, ...($more === null ? [] : [$more])];

        return [...$this->box->address(), 'put' => $put];
    }

    public function says(Result $result): string
    {
        return Words::of('pack/practice.in', [
            'in' => count($result->placements), 'all' => count($this->problem->singles()),
            'closes' => Words::of('plan/gauges.closes.'.RoomGauge::of($this->plan, $result)->state->value),
        ]);
    }

    /** Get what the engine does with the same things; null while the crew's turn is taken. */
    public function engine(FitRoom $fitRoom, int $crewId): ?Result
    {
        return $fitRoom->packing($this->problem, $crewId);
    }

    public function engineDrawing(Result $result): Drawing
    {
        return (new PlanDrawing($this->plan, $this->problem))->of($result->placements);
    }
}
