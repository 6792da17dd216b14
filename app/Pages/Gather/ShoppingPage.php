<?php

declare(strict_types=1);

namespace App\Pages\Gather;

use App\Models\Box;
use App\Models\ShoppingTick;
use Illuminate\Support\Collection;
use PluckyWren\Core\Box\Shopping\BoxOutlook;
use PluckyWren\Core\Box\Shopping\ShoppingLine;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Stash\ItemKind;

/** What is still to buy, by the place where it was bought last; and whether each box then stays within its budget. */
final readonly class ShoppingPage
{
    /**
     * @param  Collection<string, Collection<int, ShoppingRow>>  $places  by the place
     * @param  Collection<string, array{Box, BoxOutlook}>  $outlooks
     * @param  Collection<int, ShoppingLine>  $covered  what is on hand already
     * @param  array<string, string>  $inBaskets  who has it in the basket, by kind
     */
    private function __construct(
        public Collection $places,
        public Collection $outlooks,
        public Money $estimate,
        public int $withoutEstimate,
        public Collection $covered,
        public bool $hasBoxes,
        public array $inBaskets,
    ) {}

    public static function of(Shortfall $shortfall, Prices $prices, Currency $currency): self
    {
        $boxes = $shortfall->boxes();
        $lines = $shortfall->lines();
        $rows = collect($lines)
            ->filter(static fn (ShoppingLine $line): bool => $line->toBuy() > 0)
            ->map(static fn (ShoppingLine $line): ShoppingRow => new ShoppingRow(
                $line,
                $prices->latest($line->kind),
                $prices->judgeFor($line->kind, $line->toBuy(), $shortfall->bandsOf($line->kind))->measure(),
                array_values(
                    $boxes->only(array_keys($line->byBox))->map(static fn (Box $box): string => $box->theme)->all(),
                ),
            ));
        $estimate = $rows->reduce(
            static fn (ExactAmount $sum, ShoppingRow $row): ExactAmount => $sum->plus(
                $row->estimate() ?? ExactAmount::zero($currency),
            ),
            ExactAmount::zero($currency),
        );
        $each = $prices->each(array_map(static fn (ShoppingLine $line): ItemKind => $line->kind, $lines));
        $lacking = $boxes->filter(static fn (Box $box): bool => array_filter(
            $lines,
            static fn (ShoppingLine $line): bool => isset($line->byBox[$box->id]),
        ) !== []);

        return new self(
            $rows->groupBy(static fn (ShoppingRow $row): string => $row->place())->sortKeysDesc(),
            $lacking->map(static fn (Box $box): array => [
                $box, BoxOutlook::of($box->id, $box->plan(), $lines, $each),
            ]),
            $estimate->rounded(),
            $rows->filter(static fn (ShoppingRow $row): bool => $row->estimate() === null)->count(),
            collect($lines)->filter(static fn (ShoppingLine $line): bool => $line->onHand > 0),
            $boxes->isNotEmpty(),
            ShoppingTick::inBaskets(),
        );
    }
}
