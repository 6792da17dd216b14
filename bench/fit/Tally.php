<?php

declare(strict_types=1);

namespace Bench\Fit;

use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Check\Validator;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\LeftOut;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Solve\CornerSolver;
use RuntimeException;

/**
 * How a family of problems is packed at so many milliseconds of processor time each; every result is judged by the
 * validator.
 */
final class Tally
{
    public int $problems = 0;

    public int $whole = 0;

    /** Cubic tenths of a millimetre. */
    public float $volume = 0;

    public float $leftOut = 0;

    public float $room = 0;

    public int $attempts = 0;

    public function __construct(private readonly float $ms) {}

    public function add(Problem $problem): void
    {
        $result = (new CornerSolver)->solve(
            $problem,
            Budget::ofAttempts(100_000)->cutAt($this->ms, new ProcessorClock),
            1,
        );
        $broken = Validator::ofAllRules()->breaches($problem, $result);
        if ($broken !== []) {
            throw new RuntimeException(implode('; ', $broken));
        }
        $items = $problem->singles();
        $this->problems++;
        $this->whole += $result->packsAll() ? 1 : 0;
        $this->volume += self::of(array_values($items));
        $this->leftOut += self::of(array_map(static fn (LeftOut $out): Item => $items[$out->id], $result->leftOut));
        $this->room += $problem->box->volume();
        $this->attempts += $result->attempts;
    }

    public function wholePercent(): float
    {
        return 100 * $this->whole / $this->problems;
    }

    /** Points of the box's room that stayed empty though there was something left for it. */
    public function leftOutPercent(): float
    {
        return 100 * $this->leftOut / $this->room;
    }

    /** @param list<Item> $items */
    private static function of(array $items): float
    {
        return array_sum(
            array_map(
                static fn (Item $item): float => $item->form === Form::Cloth
                    ? $item->leastVolume()
                    : $item->squeeze * $item->size->volume(),
                $items,
            ),
        );
    }
}
