<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Filling;

/** Makes what is chosen better within the money and the room by exchanging a few options at a time. */
final readonly class Exchanges
{
    /** So many of the most promising exchanges are tried in pairs. */
    private const PAIRED = 30;

    private const MOST_EXCHANGES = 80;

    /** For so many slots, those first that gain most, way is made by force. */
    private const FORCED = 6;

    private const NOTHING = 1e-9;

    /**
     * @param  list<Slot>  $slots
     * @param  float  $money  in the currency's smallest unit
     * @param  float  $room  in cubic tenths of a millimetre
     */
    public function __construct(private array $slots, private float $money, private float $room) {}

    /**
     * What would be worth more than what is chosen, and would not by itself be beyond the money and the room.
     *
     * @return list<array{int, Option}> a slot and what goes in there, the most gained first
     */
    public function gains(Selection $selection): array
    {
        $gains = [];
        foreach ($this->moves($selection) as [$at, $option, $gain]) {
            if ($option !== null && $gain > self::NOTHING && $this->isWithin($selection, $at, $option)) {
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

    /** Exchange one option, or one and another to make way for it, as long as that is worth something. */
    public function improved(Selection $selection): Selection
    {
        for ($time = 0; $time < self::MOST_EXCHANGES; $time++) {
            $moves = $this->moves($selection);
            if ($this->exchangeOne($selection, $moves) || $this->exchangeTwo($selection, $moves)) {
                continue;
            }
            $forced = $this->forced($selection, $moves) ?? $this->severalForOne($selection);
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
    private function exchangeOne(Selection $selection, array $moves): bool
    {
        foreach ($moves as [$at, $option, $gain]) {
            if ($gain <= self::NOTHING) {
                return false;
            }
            if ($option !== null
                && $this->isWithin($selection, $at, $option)
                && $selection->allows($at, $this->slots[$at], $option)) {
                $this->put($selection, $at, $option);

                return true;
            }
        }

        return false;
    }

    private function isWithin(Selection $selection, int $at, Option $option): bool
    {
        $there = $selection->options[$at] ?? null;

        return $selection->cost + $option->cost - ($there->cost ?? 0.0) <= $this->money
            && $selection->bulk + $option->bulk - ($there->bulk ?? 0.0) <= $this->room;
    }

    /**
     * Something better, and for it something that takes less elsewhere.
     *
     * @param  list<array{int, Option|null, float}>  $moves
     */
    private function exchangeTwo(Selection $selection, array $moves): bool
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
                        - ($there->cost ?? 0.0) > $this->money
                    || $selection->bulk + $option->bulk - ($was->bulk ?? 0.0) + ($instead->bulk ?? 0.0)
                        - ($there->bulk ?? 0.0) > $this->room) {
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
     * Something better, and for it whatever has to give way elsewhere: for each slot the best, the cheapest and the
     * smallest that is better.
     *
     * @param  list<array{int, Option|null, float}>  $moves
     */
    private function forced(Selection $selection, array $moves): ?Selection
    {
        $better = [];
        foreach ($moves as [$at, $option, $gain]) {
            if ($option !== null && $gain > self::NOTHING) {
                $better[$at][] = $option;
            }
        }
        $way = new MakingWay($this->slots, $this->money, $this->room);
        [$cost, $bulk] = [static fn (Option $one): float => $one->cost, static fn (Option $one): float => $one->bulk];
        $best = null;
        foreach (array_slice($better, 0, self::FORCED, true) as $at => $options) {
            foreach (Extremes::of($options, $cost, $bulk) as $option) {
                $then = $this->exchange($selection, $at, $option);
                $then = $then === null ? null : $way->within($then, $at, ($best ?? $selection)->value + self::NOTHING);
                $best = $then ?? $best;
            }
        }

        return $best;
    }

    /** One must-have may stand in the way of two others: try to do without each. */
    private function severalForOne(Selection $selection): ?Selection
    {
        $isLacking = fn (Slot $slot, int $at): bool => $slot->isMust && $slot->options !== []
            && ! isset($selection->options[$at]);
        if (array_filter($this->slots, $isLacking, ARRAY_FILTER_USE_BOTH) === []) {
            return null;
        }
        foreach (array_keys($selection->options) as $at) {
            if (! $this->slots[$at]->isMust) {
                continue;
            }
            $then = clone $selection;
            $this->put($then, $at, null);
            do {
                $moves = array_values(
                    array_filter($this->moves($then), static fn (array $move): bool => $move[0] !== $at),
                );
            } while ($this->exchangeOne($then, $moves));
            $then = $this->forced($then, $moves) ?? $then;
            if ($then->value > $selection->value + self::NOTHING) {
                return $then;
            }
        }

        return null;
    }

    private function put(Selection $selection, int $at, ?Option $option): void
    {
        $selection->put($at, $this->slots[$at], $option);
    }
}
