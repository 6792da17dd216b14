<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Filling;

/**
 * Chooses an option for each slot so that they are worth the most together within the money and the room: what each
 * costs of both is weighed by prices for money and for room, which are raised until both suffice; what is left over is
 * then used by exchanging one or two at a time. The room is a sum of volumes; if the lid closes is for others to try.
 */
final readonly class Selecting
{
    /** Each price is found by halving so often, both in turn so often. */
    private const HALVINGS = 12;

    private const ROUNDS = 2;

    /** So many of the most promising exchanges are tried in pairs. */
    private const PAIRED = 30;

    private const MOST_EXCHANGES = 24;

    private const NOTHING = 1e-9;

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

        return $this->exchanged($best, $money, $room);
    }

    /**
     * What would be worth more than what is chosen, and would not by itself be beyond the money and the room.
     *
     * @return list<array{int, Option}> a slot and what goes in there, the most gained first
     */
    public function gains(Selection $selection, float $money, float $room): array
    {
        $gains = [];
        foreach ($this->moves($selection) as [$at, $option, $gain]) {
            if ($option !== null && $gain > self::NOTHING && $this->isWithin($selection, $at, $option, $money, $room)) {
                $gains[] = [$at, $option];
            }
        }

        return $gains;
    }

    /** The same, with something else in a slot; null where what is in the others does not allow it. */
    public function exchange(Selection $selection, int $at, Option $option): ?Selection
    {
        $then = clone $selection;
        if (! $then->allows($at, $this->slots[$at], $option)) {
            return null;
        }
        $this->put($then, $at, $option);

        return $then;
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
            $this->put($selection, $at, $best);
        }
    }

    private function put(Selection $selection, int $at, ?Option $option): void
    {
        $selection->put($at, $this->slots[$at], $option);
    }

    /** Exchange one option, or one and another to make way for it, as long as that is worth something. */
    private function exchanged(Selection $selection, float $money, float $room): Selection
    {
        for ($time = 0; $time < self::MOST_EXCHANGES; $time++) {
            $moves = $this->moves($selection);
            if ($this->exchangeOne($selection, $moves, $money, $room)
                || $this->exchangeTwo($selection, $moves, $money, $room)) {
                continue;
            }
            $forced = $this->forced($selection, $moves, $money, $room);
            if ($forced === null) {
                break;
            }
            $selection = $forced;
        }

        return $selection;
    }

    /** @return list<array{int, Option|null, float}> a slot, what else goes in there, and what that gains; most first */
    private function moves(Selection $selection): array
    {
        $moves = [];
        foreach ($this->slots as $at => $slot) {
            $there = $selection->options[$at] ?? null;
            foreach ($slot->options as $option) {
                if ($option !== $there) {
                    $moves[] = [$at, $option, $option->value - ($there->value ?? 0.0)];
                }
            }
            if ($there !== null) {
                $moves[] = [$at, null, -$there->value];
            }
        }
        usort($moves, static fn (array $a, array $b): int => $b[2] <=> $a[2]);

        return $moves;
    }

    /** @param list<array{int, Option|null, float}> $moves */
    private function exchangeOne(Selection $selection, array $moves, float $money, float $room): bool
    {
        foreach ($moves as [$at, $option, $gain]) {
            if ($gain <= self::NOTHING) {
                return false;
            }
            if ($option !== null
                && $this->isWithin($selection, $at, $option, $money, $room)
                && $selection->allows($at, $this->slots[$at], $option)) {
                $this->put($selection, $at, $option);

                return true;
            }
        }

        return false;
    }

    private function isWithin(Selection $selection, int $at, Option $option, float $money, float $room): bool
    {
        $there = $selection->options[$at] ?? null;

        return $selection->cost + $option->cost - ($there->cost ?? 0.0) <= $money
            && $selection->bulk + $option->bulk - ($there->bulk ?? 0.0) <= $room;
    }

    /**
     * Something better, and for it something that takes less elsewhere.
     *
     * @param  list<array{int, Option|null, float}>  $moves
     */
    private function exchangeTwo(Selection $selection, array $moves, float $money, float $room): bool
    {
        $gains = array_filter($moves, static fn (array $move): bool => $move[2] > self::NOTHING && $move[1] !== null);
        // What takes as much as what is there makes way for nothing.
        $less = array_filter($moves, static function (array $move) use ($selection): bool {
            [$cost, $bulk] = [$move[1]->cost ?? 0.0, $move[1]->bulk ?? 0.0];
            $there = $selection->options[$move[0]] ?? null;

            return $there !== null && ($cost < $there->cost || $bulk < $there->bulk);
        });
        foreach (array_slice($gains, 0, self::PAIRED) as [$at, $option, $gain]) {
            $was = $selection->options[$at] ?? null;
            foreach ($less as [$other, $instead, $loss]) {
                if ($gain + $loss <= self::NOTHING) {
                    break;
                }
                $there = $selection->options[$other] ?? null;
                if ($other === $at || $option === null
                    || $selection->cost + $option->cost - ($was->cost ?? 0.0) + ($instead->cost ?? 0.0)
                        - ($there->cost ?? 0.0) > $money
                    || $selection->bulk + $option->bulk - ($was->bulk ?? 0.0) + ($instead->bulk ?? 0.0)
                        - ($there->bulk ?? 0.0) > $room) {
                    continue;
                }
                $this->put($selection, $other, null);
                if ($selection->allows($at, $this->slots[$at], $option)) {
                    $this->put($selection, $at, $option);
                    if ($instead === null || $selection->allows($other, $this->slots[$other], $instead)) {
                        $this->put($selection, $other, $instead);

                        return true;
                    }
                    $this->put($selection, $at, $was);
                }
                $this->put($selection, $other, $there);
            }
        }

        return false;
    }

    /**
     * Something better, and for it as much of what is worth least as has to go.
     *
     * @param  list<array{int, Option|null, float}>  $moves
     */
    private function forced(Selection $selection, array $moves, float $money, float $room): ?Selection
    {
        foreach (array_slice($moves, 0, self::PAIRED) as [$at, $option, $gain]) {
            $then = $option === null || $gain <= self::NOTHING ? null : $this->exchange($selection, $at, $option);
            if ($then === null) {
                continue;
            }
            $worth = array_map(static fn (Option $one): float => $one->value, $then->options);
            unset($worth[$at]);
            asort($worth);
            foreach (array_keys($worth) as $other) {
                if ($then->value <= $selection->value + self::NOTHING || $this->suffices($then, $money, $room)) {
                    break;
                }
                $this->put($then, $other, null);
            }
            if ($then->value > $selection->value + self::NOTHING && $this->suffices($then, $money, $room)) {
                return $then;
            }
        }

        return null;
    }

    private function suffices(Selection $selection, float $money, float $room): bool
    {
        return $selection->cost <= $money && $selection->bulk <= $room;
    }
}
