<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Filling;

/**
 * Makes way for something better that is beyond the money or the room: what else is chosen gives up what frees the most
 * for the least, one after another, something smaller or cheaper in its place where there is one.
 */
final readonly class MakingWay
{
    /** For more than so many others a thing makes no way. */
    private const MOST_GIVEN_UP = 12;

    /** So much that is freed of what is too much is nothing. */
    private const NOTHING = 1e-9;

    /** @param list<Slot> $slots */
    public function __construct(private array $slots, private float $money, private float $room) {}

    /**
     * Get the same within money and room, with what is in a slot left as it is; null where that leaves it worth no more
     * than so much.
     */
    public function within(Selection $selection, int $kept, float $worthMoreThan): ?Selection
    {
        for ($time = 0; ! $this->suffices($selection); $time++) {
            $move = $time < self::MOST_GIVEN_UP ? $this->cheapest($selection, $kept) : null;
            if ($move === null || $selection->value <= $worthMoreThan) {
                return null;
            }
            [$at, $instead] = $move;
            $selection->put($at, $this->slots[$at], $instead);
        }

        return $selection->value > $worthMoreThan ? $selection : null;
    }

    /** @return array{int, Option|null}|null what gives up the least for what it frees of what is too much */
    private function cheapest(Selection $selection, int $kept): ?array
    {
        $over = $this->over($selection->cost, $selection->bulk);
        $best = null;
        $least = INF;
        foreach ($selection->options as $at => $there) {
            [$cost, $bulk] = [$selection->cost - $there->cost, $selection->bulk - $there->bulk];
            foreach ($at === $kept ? [] : [null, ...$this->slots[$at]->options] as $instead) {
                $freed = $over - $this->over($cost + ($instead->cost ?? 0.0), $bulk + ($instead->bulk ?? 0.0));
                if ($freed <= self::NOTHING) {
                    continue;
                }
                $each = ($there->value - ($instead->value ?? 0.0)) / $freed;
                if ($each < $least
                    && ($instead === null || $selection->allows($at, $this->slots[$at], $instead))) {
                    [$least, $best] = [$each, [$at, $instead]];
                }
            }
        }

        return $best;
    }

    /** How much it is too much, in shares of the money and the room that there is. */
    private function over(float $cost, float $bulk): float
    {
        $tooDear = is_infinite($this->money) ? 0.0 : max(0.0, $cost - $this->money) / max(1.0, $this->money);

        return $tooDear + max(0.0, $bulk - $this->room) / max(1.0, $this->room);
    }

    private function suffices(Selection $selection): bool
    {
        return $selection->cost <= $this->money && $selection->bulk <= $this->room;
    }
}
