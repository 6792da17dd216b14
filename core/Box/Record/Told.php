<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Record;

use PluckyWren\Core\Box\Gauges;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\NeedState;
use PluckyWren\Core\Guide\Overruled;
use PluckyWren\Core\Guide\SaysFindings;

/**
 * What the four gauges said of a box, as fields of its record: for people and other programs; nothing is reckoned from
 * it.
 */
final readonly class Told
{
    public function __construct(private SaysFindings $words) {}

    /** @return array<string, mixed> */
    public function fields(Gauges $gauges): array
    {
        $money = $gauges->money;

        return [
            'mustHaves' => [
                'asked' => $gauges->mustHaves->asked(),
                'filled' => $gauges->mustHaves->filled(),
                'missing' => array_map(
                    static fn (NeedState $state): string => $state->need->name,
                    $gauges->mustHaves->missing(),
                ),
            ],
            'money' => array_filter([
                'total' => $money->total->plain(),
                'sendingGift' => $money->sendingGift->plain(),
                'budget' => $money->budget?->plain(),
                'withoutPrice' => $money->withoutPrice,
            ], static fn (mixed $value): bool => $value !== null),
            'room' => [
                'state' => $gauges->room->state->value,
                'proudMm' => $gauges->room->proudMm,
                'fill' => $gauges->room->fill,
            ],
            'findings' => array_map($this->finding(...), [...$gauges->missing->all, ...$gauges->flags->all]),
            'left' => array_map(
                fn (Overruled $left): array => [...$this->finding($left->finding), 'because' => $left->because],
                [...$gauges->missing->overruled, ...$gauges->flags->overruled],
            ),
        ];
    }

    /** @return array<string, mixed> */
    private function finding(Finding $finding): array
    {
        return [
            'id' => $finding->id, 'weight' => $finding->weight->value, 'pieces' => $finding->pieces,
            'about' => $this->words->about($finding),
            'why' => $this->words->why($finding),
            'working' => $this->words->figures($finding),
        ];
    }
}
