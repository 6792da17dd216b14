<?php

declare(strict_types=1);

namespace App\Words;

use PluckyWren\Core\Box\CostsThen;
use PluckyWren\Core\Box\Gauges;
use PluckyWren\Core\Box\RoomState;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Weight;

/** What the four gauges say, in words; the same on the shelf, on the sheet and on paper. */
final readonly class GaugeWords
{
    /** So many names are said before the rest are counted. */
    private const NAMED = 3;

    public function __construct(private Gauges $gauges) {}

    public function mustHaves(): string
    {
        return Words::of('plan/gauges.filled', [
            'filled' => $this->gauges->mustHaves->filled(),
            'asked' => $this->gauges->mustHaves->asked(),
        ]);
    }

    public function missing(): string
    {
        $missing = NeedWords::all($this->gauges->mustHaves->missing());
        $toBuy = count($this->gauges->money->toBuy);
        if ($missing === [] && $toBuy > 0) {
            return trans_choice('plan/gauges.all-but-bought', $toBuy);
        }

        return $missing === []
            ? Words::of('plan/gauges.all-filled')
            : Words::of('plan/gauges.missing', ['names' => self::some($missing)]);
    }

    /** @param CostsThen|null $then what it may cost in the end, which says more than names of what has no price yet */
    public function money(?CostsThen $then = null): string
    {
        $money = $this->gauges->money;
        $left = $money->left();
        $says = match (true) {
            $left === null => Words::of('plan/gauges.with-gift', ['gift' => $money->sendingGift->format()]),
            $money->isOver() => Words::of('plan/gauges.over', [
                'over' => $money->total->minus($money->budget ?? $money->total)->format(),
            ]),
            default => Words::of('plan/gauges.left', ['left' => $left->format()]),
        };

        return implode('; ', array_filter([
            $says,
            self::counted('without-price', $money->withoutPrice, $then === null),
            self::counted('to-buy', $money->toBuy, $then === null),
        ])).($then === null ? '' : '. '.$this->costsThen($then));
    }

    /** @param list<string> $names */
    private static function counted(string $key, array $names, bool $areNamed): string
    {
        $says = trans_choice("plan/gauges.{$key}", count($names));

        return match (true) {
            $names === [] => '',
            $areNamed => Words::of('plan/gauges.counted', ['says' => $says, 'names' => self::some($names)]),
            default => $says,
        };
    }

    /** Get what it may cost in the end: “With that about 21.00 to 27.00 in all.” */
    private function costsThen(CostsThen $then): string
    {
        $says = Words::of($then->isOne() ? 'plan/gauges.then-one' : 'plan/gauges.then', [
            'low' => $then->low->format(), 'high' => $then->high->format(),
        ]);

        return implode(' ', array_filter([
            $says,
            $then->isOver() && ! $this->gauges->money->isOver() ? Words::of('plan/gauges.then-over') : '',
            $then->mayBeOver() ? Words::of('plan/gauges.then-may-be-over') : '',
            $then->withoutAny > 0 ? trans_choice('plan/gauges.then-without', $then->withoutAny) : '',
        ]));
    }

    /** Get what follows the total: “of 30.00 EUR”. */
    public function ofBudget(): string
    {
        $money = $this->gauges->money;
        $code = $money->total->currency->code;

        return $money->budget === null
            ? Words::of('plan/gauges.currency', ['currency' => $code, 'budget' => Words::of('plan/gauges.no-budget')])
            : Words::of('plan/gauges.of-budget', ['budget' => $money->budget->format()])." {$code}";
    }

    public function moneyInShort(): string
    {
        $money = $this->gauges->money;
        $total = ['total' => $money->total->format()];

        return match (true) {
            $money->isOver() => Words::of('plan/gauges.short-over', $total),
            $money->isOnlyTheLeast() => Words::of('plan/gauges.short-from', $total),
            default => $money->total->format(),
        };
    }

    public function room(): string
    {
        return trans_choice(
            "plan/gauges.room-states.{$this->gauges->room->state->value}",
            $this->gauges->room->leftOutCount(),
        );
    }

    public function roomSays(): string
    {
        $room = $this->gauges->room;

        return Words::of("plan/gauges.room-says.{$room->state->value}", [
            'fill' => (int) round($room->fill * 100),
            'proud' => LengthWords::of((int) round(10 * $room->proudMm)),
            'names' => $room->state === RoomState::LeftOut ? self::some($this->leftOut()) : '',
        ]);
    }

    /** @return list<string> each with its reason */
    public function leftOut(): array
    {
        return array_map(
            static fn (array $out): string => (
                $out['count'] > 1 ? "{$out['count']} × " : ''
            ).$out['name'].' ('.Words::of(
                "plan/gauges.reasons.{$out['reason']}",
            ).')',
            $this->gauges->room->leftOut,
        );
    }

    /**
     * Get the heaviest thing there is to say of the flags: what has to be fixed, else what is to be asked about, else
     * the tips.
     */
    public function flags(): string
    {
        [$toMend, $toAsk, $tips] = $this->flagCounts();

        return match (true) {
            $toMend > 0 => trans_choice('plan/gauges.to-mend', $toMend),
            $toAsk > 0 => trans_choice('plan/gauges.to-ask', $toAsk),
            $tips > 0 => trans_choice('plan/gauges.tips', $tips),
            default => Words::of('plan/gauges.all-clear'),
        };
    }

    /** Get what else there is to say of them: the first problem, or what is left after what the figure says. */
    public function flagsSay(): string
    {
        $flags = $this->gauges->flags;
        [$toMend, $toAsk, $tips] = $this->flagCounts();
        $words = new FindingWords;
        $says = array_values(
            array_unique(
                array_map(
                    static fn (Finding $finding): string => $words->about($finding).': '.lcfirst($words->why($finding)),
                    $flags->toMend()->all,
                ),
            ),
        );
        $rest = array_filter([
            $toMend > 0 && $toAsk > 0 ? trans_choice('plan/gauges.to-ask', $toAsk) : '',
            $toMend + $toAsk > 0 && $tips > 0 ? trans_choice('plan/gauges.tips', $tips) : '',
        ]);

        return match (true) {
            $says !== [] => self::some($says, 1),
            $rest !== [] => Words::of('plan/gauges.and-also', ['rest' => lcfirst(implode(', ', $rest))]),
            $flags->overruled !== [] => trans_choice('plan/flags.kept-anyway', count($flags->overruled)),
            // The figure says so already.
            $toMend + $toAsk + $tips === 0 => '',
            default => Words::of('plan/gauges.nothing-flagged'),
        };
    }

    /** @return array{int, int, int} what has to be fixed, what is to be asked about, and tips */
    private function flagCounts(): array
    {
        $flags = $this->gauges->flags;

        return [count($flags->toMend()), count($flags->ofWeight(Weight::Ask)), count($flags->ofWeight(Weight::Tip))];
    }

    /** @param list<string> $names */
    private static function some(array $names, int $most = self::NAMED): string
    {
        $more = count($names) - $most;

        return $more <= 0
            ? implode(', ', $names)
            : Words::of('plan/gauges.and-more', [
                'names' => implode(', ', array_slice($names, 0, $most)),
                'more' => $more,
            ]);
    }
}
