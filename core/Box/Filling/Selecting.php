<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Filling;

/**
 * Chooses an option for each slot so that they are worth the most together within the money and the room: what each
 * costs of both is weighed by prices for money and for room, which are raised until both suffice; what is left over is
 * then used by `Exchanges`. The room is a sum of volumes; if the lid closes is for others to try.
 */
final readonly class Selecting
{
    /** Each price is found by halving so often, both in turn so often. */
    private const HALVINGS = 12;

    private const ROUNDS = 2;

    /** @param list<Slot> $slots */
    public function __construct(private array $slots) {}

    /**
     * @param  float  $money  in the currency's smallest unit
     * @param  float  $room  in cubic tenths of a millimetre
     */
    public function best(float $money, float $room): Selection
    {
        [$perCost, $perBulk] = [0.0, 0.0];
        $best = new Selection;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $perBulk = $this->price(
                static fn (Selection $one): bool => $one->bulk <= $room,
                fn (float $price): Selection => $this->at($perCost, $price),
                200 * Worth::MUST / max(1.0, $room),
            );
            $perCost = $this->price(
                static fn (Selection $one): bool => $one->cost <= $money,
                fn (float $price): Selection => $this->at($price, $perBulk),
                Worth::MUST,
            );
            $now = $this->at($perCost, $perBulk);
            if ($now->bulk <= $room && $now->cost <= $money && $now->value > $best->value) {
                $best = $now;
            }
        }

        return (new Exchanges($this->slots, $money, $room))->improved($best);
    }

    /**
     * The lowest price at which it suffices, found by halving.
     *
     * @param  callable(Selection): bool  $suffices
     * @param  callable(float): Selection  $at
     */
    private function price(callable $suffices, callable $at, float $most): float
    {
        if ($suffices($at(0.0))) {
            return 0.0;
        }
        // In powers: a price may be a thousand times another.
        [$low, $high] = [log($most) - 20, log($most)];
        for ($time = 0; $time < self::HALVINGS; $time++) {
            $middle = ($low + $high) / 2;
            $suffices($at(exp($middle))) ? $high = $middle : $low = $middle;
        }

        return exp($high);
    }

    /** The best option for each slot where money and room have a price. */
    private function at(float $perCost, float $perBulk): Selection
    {
        $selection = new Selection;
        $extras = [];
        foreach ($this->slots as $at => $slot) {
            // The best is nearly always free to be taken; only else all are gone through.
            [$best, $most] = self::dearest($slot->options, $perCost, $perBulk);
            if ($best === null) {
                continue;
            }
            if ($slot->for === null) {
                $extras[$at] = $most;
            } else {
                $this->putBest($selection, $at, $best, $perCost, $perBulk);
            }
        }
        arsort($extras);
        foreach (array_keys($extras) as $at) {
            if ($selection->extras >= Worth::MOST_EXTRAS) {
                break;
            }
            [$best] = self::dearest($this->slots[$at]->options, $perCost, $perBulk);
            $this->putBest($selection, $at, $best, $perCost, $perBulk);
        }

        return $selection;
    }

    /**
     * @param  list<Option>  $options
     * @return array{Option|null, float} what is worth most after its cost, and how much; null where none is
     */
    private static function dearest(array $options, float $perCost, float $perBulk): array
    {
        $best = null;
        $most = 0.0;
        foreach ($options as $option) {
            // They come by what they are worth: what follows is never more than that.
            if ($option->value <= $most) {
                break;
            }
            $value = $option->value - $perCost * $option->cost - $perBulk * $option->bulk;
            if ($value > $most) {
                [$most, $best] = [$value, $option];
            }
        }

        return [$best, $most];
    }

    private function putBest(Selection $selection, int $at, ?Option $best, float $perCost, float $perBulk): void
    {
        $slot = $this->slots[$at];
        if ($best !== null && ! $selection->allows($at, $slot, $best)) {
            [$best] = self::dearest(
                array_values(array_filter(
                    $slot->options,
                    static fn (Option $option): bool => $selection->allows($at, $slot, $option),
                )),
                $perCost,
                $perBulk,
            );
        }
        if ($best !== null) {
            $selection->put($at, $slot, $best);
        }
    }
}
