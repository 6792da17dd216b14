<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Files;

use PluckyWren\Core\Fit\Files\Fields;
use PluckyWren\Core\Fit\Files\MalformedFile;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\Price;
use PluckyWren\Core\Money\PriceState;

/** What a piece of the box file cost: exactly so much for so many, nothing, or nobody knows. */
final readonly class PriceFields
{
    public function __construct(private Currency $currency) {}

    /**
     * @param array{Money, int}|null $pack
     *
     * @throws MalformedFile
     */
    public function price(Fields $fields, ?array $pack): Price
    {
        if ($pack !== null) {
            try {
                return Price::paid(...$pack);
            } catch (InvalidMoney $wrong) {
                $fields->refuse('price', 'must be an amount for some pieces', $wrong->why());
            }
        }
        if (! $fields->has('price') || ! $fields->isText('price')) {
            return $fields->has('price') ? Price::free($this->currency) : Price::unknown();
        }

        return match ($fields->choice('price', PriceState::class)) {
            PriceState::Free => Price::free($this->currency),
            PriceState::Unknown => Price::unknown(),
            PriceState::Paid => $fields->refuse('price', 'must say what was paid, for how many'),
        };
    }

    /**
     * @return array{Money, int}|null null where nothing was paid, or nobody knows what
     *
     * @throws MalformedFile
     */
    public function pack(Fields $fields): ?array
    {
        if (! $fields->has('price') || $fields->isText('price')) {
            return null;
        }
        $price = $fields->object('price');
        try {
            $paid = Money::parse($price->text('paid'), $this->currency);
        } catch (InvalidMoney $wrong) {
            $price->refuse('paid', 'must be an amount, as text', $wrong->why());
        }
        $for = $price->whole('for', 1, 1_000_000);
        $price->nothingElse();

        return $paid->isZero() ? null : [$paid, $for];
    }

    /**
     * @param  array{Money, int}|null  $pack
     * @return string|array{paid: string, for: int} exact: so much for so many
     */
    public static function write(Price $price, ?array $pack): string|array
    {
        if ($price->state !== PriceState::Paid || $price->each === null) {
            return $price->state->value;
        }
        if ($pack !== null) {
            return ['paid' => $pack[0]->plain(), 'for' => $pack[1]];
        }
        $paid = new Money($price->each->minor->getNumerator()->toInt(), $price->each->currency);

        return ['paid' => $paid->plain(), 'for' => $price->each->minor->getDenominator()->toInt()];
    }
}
