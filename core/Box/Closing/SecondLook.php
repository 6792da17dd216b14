<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Closing;

use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Box\StartingList;
use PluckyWren\Core\Guide\NeedState;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Stash\ItemTrait;
use PluckyWren\Core\Stash\Preparation\TasksInACircle;

/**
 * The drive's checkers at their table: they know the guide and not our reasons. What they take out and top up, in the
 * guide's order, and what it costs.
 */
final readonly class SecondLook
{
    /**
     * @param  list<array{name: string, why: string, cost: ExactAmount|null}>  $takenOut  with what was paid for it
     * @param  list<array{name: string, count: int, cost: ExactAmount|null}>  $toppedUp  with what the drive would
     *     spend, as far as we know prices
     */
    private function __construct(public array $takenOut, public array $toppedUp) {}

    /**
     * What was paid for all that would be taken out, as far as it is known.
     *
     * @throws InvalidMoney
     */
    public function lost(Currency $currency): ExactAmount
    {
        return self::sum($this->takenOut, $currency);
    }

    /**
     * What the drive would spend on all that it would add, as far as we know prices.
     *
     * @throws InvalidMoney
     */
    public function added(Currency $currency): ExactAmount
    {
        return self::sum($this->toppedUp, $currency);
    }

    /**
     * @param  list<array{cost: ExactAmount|null}>  $lines
     *
     * @throws InvalidMoney
     */
    private static function sum(array $lines, Currency $currency): ExactAmount
    {
        return array_reduce(
            array_filter(array_column($lines, 'cost')),
            static fn (ExactAmount $sum, ExactAmount $cost): ExactAmount => $sum->plus($cost),
            ExactAmount::zero($currency),
        );
    }

    /**
     * @param array<string, ExactAmount> $each what a piece of a kind costs, by the kind's id, where someone knows
     *
     * @throws InvalidMoney
     * @throws TasksInACircle
     */
    public static function of(Plan $plan, StartingList $list, array $each): self
    {
        $out = [];
        $isOut = [];
        $traits = self::traits($plan);
        foreach ($plan->guide->flags as $flag) {
            foreach (
                $flag->weight->isTakenOut() && $flag->holdsFor($plan->recipient->band) ? $plan->pieces : [] as $piece
            ) {
                if (! isset($isOut[$piece->id]) && in_array($flag->trait, $traits[$piece->id] ?? [], true)) {
                    $isOut[$piece->id] = true;
                    $out[] = ['name' => $piece->name, 'why' => $flag->why, 'cost' => $piece->cost()];
                }
            }
        }
        $left = $plan->onlyThose(static fn (PlannedPiece $piece): bool => ! isset($isOut[$piece->id]));

        return new self(
            $out,
            array_map(
                static fn (NeedState $state): array => self::topUp($state, $left, $list, $each),
                $plan->guide->needsFilled($plan->recipient, $left->held())->missing(),
            ),
        );
    }

    public function isQuiet(): bool
    {
        return $this->takenOut === [] && $this->toppedUp === [];
    }

    /**
     * @return array<string, list<ItemTrait>> by piece: its own, and those of what it holds
     *
     * @throws TasksInACircle
     */
    private static function traits(Plan $plan): array
    {
        $traits = [];
        foreach ($plan->held() as $held) {
            $traits[$held->piece()] = [...$traits[$held->piece()] ?? [], ...$held->thing->traits];
        }

        return $traits;
    }

    /**
     * @param  array<string, ExactAmount>  $each
     * @return array{name: string, count: int, cost: ExactAmount|null}
     *
     * @throws InvalidMoney
     */
    private static function topUp(NeedState $state, Plan $plan, StartingList $list, array $each): array
    {
        $cost = ExactAmount::zero($plan->funds->sendingGift->currency);
        foreach ($list->share($state, $state->lacks(), $plan) as $kind => $count) {
            $cost = isset($each[$kind]) ? $cost?->plus($each[$kind]->times($count)) : null;
        }

        return ['name' => $state->need->name, 'count' => $state->lacks(), 'cost' => $cost];
    }
}
