<?php

declare(strict_types=1);

namespace App\View;

use PluckyWren\Core\Box\Gauges;
use PluckyWren\Core\Box\RoomState;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\NeedState;

/** What the four gauges say, in words; the same on the shelf, on the sheet and on paper. */
final readonly class GaugeWords
{
    /** So many names are said before the rest are counted. */
    private const NAMED = 3;

    public function __construct(private Gauges $gauges) {}

    public function mustHaves(): string
    {
        return Words::of('gauges.filled', ['filled' => $this->gauges->mustHaves->filled(), 'asked' => $this->gauges->mustHaves->asked()]);
    }

    public function missing(): string
    {
        $missing = array_map(static fn (NeedState $state): string => $state->missing(), $this->gauges->mustHaves->missing());

        $toBuy = count($this->gauges->money->toBuy);
        if ($missing === [] && $toBuy > 0) {
            return trans_choice('gauges.all-but-bought', $toBuy);
        }

        return $missing === [] ? Words::of('gauges.all-filled') : Words::of('gauges.missing', ['names' => self::some($missing)]);
    }

    public function money(): string
    {
        $money = $this->gauges->money;
        $left = $money->left();
        $says = match (true) {
            $left === null => Words::of('gauges.with-gift', ['gift' => $money->sendingGift->format()]),
            $money->isOver() => Words::of('gauges.over', ['over' => $money->total->minus($money->budget ?? $money->total)->format()]),
            default => Words::of('gauges.left', ['left' => $left->format()]),
        };

        return implode('; ', array_filter([
            $says,
            $money->withoutPrice === [] ? '' : trans_choice('gauges.without-price', count($money->withoutPrice), ['names' => self::some($money->withoutPrice)]),
            $money->toBuy === [] ? '' : trans_choice('gauges.to-buy', count($money->toBuy), ['names' => self::some($money->toBuy)]),
        ]));
    }

    /** Get what follows the total: “of 30.00 EUR”. */
    public function ofBudget(): string
    {
        $money = $this->gauges->money;
        $code = $money->total->currency->code;

        return $money->budget === null
            ? Words::of('gauges.currency', ['currency' => $code, 'budget' => Words::of('gauges.no-budget')])
            : Words::of('gauges.of-budget', ['budget' => $money->budget->format()])." {$code}";
    }

    public function moneyInShort(): string
    {
        $money = $this->gauges->money;
        $total = ['total' => $money->total->format()];

        return match (true) {
            $money->isOver() => Words::of('gauges.short-over', $total),
            $money->isOnlyTheLeast() => Words::of('gauges.short-from', $total),
            default => $money->total->format(),
        };
    }

    public function room(): string
    {
        return trans_choice("gauges.room-states.{$this->gauges->room->state->value}", $this->gauges->room->leftOutCount());
    }

    public function roomSays(): string
    {
        $room = $this->gauges->room;

        return Words::of("gauges.room-says.{$room->state->value}", [
            'fill' => (int) round($room->fill * 100),
            'proud' => $room->proudMm,
            'names' => $room->state === RoomState::LeftOut ? self::some($this->leftOut()) : '',
        ]);
    }

    /** @return list<string> each with its reason */
    public function leftOut(): array
    {
        return array_map(
            static fn (array $out): string => ($out['count'] > 1 ? "{$out['count']} × " : '').$out['name'].' ('.Words::of("gauges.reasons.{$out['reason']}").')',
            $this->gauges->room->leftOut,
        );
    }

    public function flags(): string
    {
        return trans_choice('gauges.to-mend', count($this->gauges->flags->toMend()));
    }

    public function flagsSay(): string
    {
        $flags = $this->gauges->flags;
        $toMend = $flags->toMend();
        $rest = count($flags) - count($toMend);
        $says = array_values(array_unique(array_map(static fn (Finding $finding): string => $finding->about.': '.lcfirst($finding->why), $toMend->all)));

        return match (true) {
            $says !== [] => self::some($says, 1),
            $rest > 0 => trans_choice('gauges.open-questions', $rest),
            $flags->overruled !== [] => trans_choice('flags.left-knowingly', count($flags->overruled)),
            default => Words::of('gauges.nothing-flagged'),
        };
    }

    /** @param list<string> $names */
    private static function some(array $names, int $most = self::NAMED): string
    {
        $more = count($names) - $most;

        return $more <= 0 ? implode(', ', $names) : Words::of('gauges.and-more', ['names' => implode(', ', array_slice($names, 0, $most)), 'more' => $more]);
    }
}
