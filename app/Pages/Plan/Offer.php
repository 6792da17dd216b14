<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Models\Lot;
use App\Words\ThemeWords;
use App\Words\Words;
use PluckyWren\Core\Box\Foretelling;
use PluckyWren\Core\Box\Foretold;
use PluckyWren\Core\Box\Gauges;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Guide\NeedState;
use PluckyWren\Core\Guide\Sizes\BandAim;
use PluckyWren\Core\Money\PriceState;
use PluckyWren\Core\Theme\Standing;
use PluckyWren\Core\Theme\ThemeMatch;

/** A lot that may be picked: why it is offered, and what picking it would do to the gauges. */
final readonly class Offer
{
    public ?NeedState $need;

    public ?NeedState $wish;

    public int $suggested;

    private int $group;

    public function __construct(
        public Lot $lot,
        private AskedOf $asked,
        private Foretelling $foretelling,
        private ?ThemeMatch $match = null,
        bool $isLeftForIt = false,
    ) {
        [$this->need, $this->wish] = $asked->lacking($lot->kind);
        $this->suggested = $asked->suggested($lot->itemKind(), $lot->stock()->left());
        $this->group = $isLeftForIt ? 0 : $asked->group($lot->kind, $lot->size_label);
    }

    /**
     * What another box left for the next comes first, then what fills a need, then wishes, then the rest and clothes
     * for another child; among equals what goes best with the theme.
     *
     * @return array{int, int} the least first
     */
    public function rank(): array
    {
        return [$this->group, -($this->match->score ?? 0)];
    }

    /** @return list<string> why it is offered, in words */
    public function reasons(): array
    {
        $price = $this->lot->price();
        $asked = $this->need ?? $this->wish;

        return array_values(array_filter([
            $this->lot->leftBehind?->says(),
            $this->lot->heldFor->first()?->says(),
            $asked === null
                ? null
                : Words::of(
                    $this->need === null ? 'plan/picker.wish' : 'plan/picker.fills',
                    ['need' => $asked->need->name],
                ),
            match ($this->asked->aim($this->lot->itemKind(), $this->lot->size_label)) {
                BandAim::TooSmall => Words::of('plan/picker.too-small', ['band' => $this->asked->band->label()]),
                BandAim::TooLarge => Words::of('plan/picker.too-large', ['band' => $this->asked->band->label()]),
                default => null,
            },
            $this->match?->standing === Standing::On
                ? Words::of('plan/theme.in-picker', ['why' => ThemeWords::reasons($this->match)[0] ?? ''])
                : null,
            $price->state === PriceState::Free
                ? Words::of('plan/picker.free')
                : (
                    $price->each === null
                        ? Words::of('plan/picker.unpriced')
                        : Words::of('plan/picker.each', ['price' => $price->each->format()])
                ),
            $this->lot->cameFrom(),
            $this->lot->due_on === null
                ? Words::of('plan/picker.on-hand', ['count' => $this->lot->stock()->onHand()])
                : Words::of('plan/picker.on-its-way', [
                    'count' => $this->lot->stock()->left(), 'day' => $this->lot->due_on->format('j M'),
                ]),
        ]));
    }

    /**
     * What picking it would do to each gauge that moves; Room is only tried once it is picked.
     *
     * @return list<array{string, string, 'good'|'bad'|'plain'}> the gauge, the change, and how to take it
     */
    public function effects(Gauges $now): array
    {
        $then = $this->foretold();
        $filled = $then->mustHaves->filled() - $now->mustHaves->filled();
        $cost = $then->total->minus($now->money->total);
        $flagged = count($then->flags) - count($now->flags);
        $toMend = count($then->flags->toMend()) > count($now->flags->toMend());

        return array_values(array_filter([
            $filled > 0
                ? [
                    Words::of('plan/gauges.must-haves'),
                    Words::of('plan/picker.must-haves', [
                        'filled' => $then->mustHaves->filled(),
                        'asked' => $then->mustHaves->asked(),
                    ]),
                    'good',
                ]
                : null,
            $cost->isZero()
                ? null
                : [
                    Words::of('plan/gauges.money'),
                    Words::of('plan/picker.money', [
                        'cost' => $cost->format(),
                        'total' => $then->total->format(),
                    ]),
                    $then->isOverBudget() ? 'bad' : 'plain',
                ],
            $flagged > 0
                ? [
                    Words::of('plan/gauges.flags'),
                    trans_choice('plan/picker.flags', $flagged),
                    $toMend ? 'bad' : 'plain',
                ]
                : null,
        ]));
    }

    /** Get the gauges as they would be with the suggested number in the box; Room is not tried. */
    public function foretold(): Foretold
    {
        return $this->foretelling->picked($this->planned($this->suggested));
    }

    /** Get so many of it as a piece of the box. */
    public function planned(int $quantity): PlannedPiece
    {
        return $this->lot->planned('offer', $quantity);
    }
}
