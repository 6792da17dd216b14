<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Filling;

/** One way to fill a slot: of one thing, or of several where none is there often enough. */
final readonly class Option
{
    /**
     * @param  non-empty-list<array{Candidate, int}>  $lots  what is taken, and how many
     * @param  float  $cost  in the currency's smallest unit
     * @param  float  $bulk  in cubic tenths of a millimetre, pressed as far as it goes
     */
    private function __construct(public array $lots, public float $value, public float $cost, public float $bulk) {}

    /**
     * @param  non-empty-list<array{Candidate, int, float}>  $lots  with what each is worth by itself
     * @param  float  $needed  what all that are lacking are worth, whatever they are
     */
    public static function of(array $lots, int $lacks, float $needed): self
    {
        [$value, $cost, $bulk] = [0.0, 0.0, 0.0];
        foreach ($lots as [$candidate, $count, $worth]) {
            $value += ($needed + $worth) * $count / $lacks;
            $cost += $candidate->cost() * $count;
            $bulk += $candidate->bulk() * $count;
        }

        return new self(array_map(static fn (array $lot): array => [$lot[0], $lot[1]], $lots), $value, $cost, $bulk);
    }

    /** What is taken and how many, as a key. */
    public function key(): string
    {
        $lots = array_map(static fn (array $lot): string => "{$lot[0]->id} {$lot[1]}", $this->lots);
        sort($lots);

        return implode(' ', $lots);
    }

    public function count(): int
    {
        return array_sum(array_column($this->lots, 1));
    }

    /** Determine if it is as many of things that go into a box in the same way. */
    public function packsLike(self $other): bool
    {
        $lots = $other->lots;
        foreach ($this->lots as [$candidate, $count]) {
            foreach ($lots as $at => [$that, $thatMany]) {
                if ($count === $thatMany && $candidate->packsLike($that)) {
                    unset($lots[$at]);

                    continue 2;
                }
            }

            return false;
        }

        return $lots === [];
    }

    public function isAsGoodAs(self $other): bool
    {
        return $this->value >= $other->value && $this->cost <= $other->cost && $this->bulk <= $other->bulk;
    }
}
