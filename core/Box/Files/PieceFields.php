<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Files;

use PluckyWren\Core\Box\Packing\PackingWish;
use PluckyWren\Core\Box\Packing\WishFields;
use PluckyWren\Core\Box\PieceChoices;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Fit\Files\Fields;
use PluckyWren\Core\Fit\Files\MalformedFile;
use PluckyWren\Core\Measure\InvalidLength;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\Price;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\Source;

/** One piece of the box file. */
final readonly class PieceFields
{
    /** So many of one thing at most. */
    public const MOST = 100;

    private ThingFields $things;

    private PriceFields $prices;

    public function __construct(Catalogue $catalogue, Currency $currency)
    {
        $this->things = new ThingFields($catalogue);
        $this->prices = new PriceFields($currency);
    }

    /**
     * @return array{PlannedPiece, string, array{Money, int}|null} the piece, where it is from, and what was paid for
     *     how many
     *
     * @throws MalformedFile
     */
    public function read(Fields $fields): array
    {
        $isToBuy = $fields->has('toBuy') && $fields->truth('toBuy');
        $quantity = $fields->has('quantity') ? $fields->whole('quantity', 1, self::MOST) : 1;
        $pack = $isToBuy ? null : $this->prices->pack($fields);
        $piece = new PlannedPiece(
            self::id($fields),
            $this->things->read($fields),
            $quantity,
            $isToBuy ? Price::unknown() : $this->prices->price($fields, $pack),
            $isToBuy ? null : ($fields->has('source') ? $fields->choice('source', Source::class) : Source::Shop),
            PreparedFields::read($fields, $quantity),
            new PieceChoices(
                $fields->has('countsAs') ? $fields->text('countsAs') : null,
                $fields->has('into') ? $fields->text('into') : null,
                $fields->has('packing') ? WishFields::read($fields->object('packing')) : new PackingWish,
                PreparedFields::tasks($fields),
            ),
        );
        $place = $fields->has('place') ? $fields->text('place') : '';
        // What is still to buy has neither yet.
        array_map($fields->ignore(...), ['price', 'source']);
        $fields->nothingElse();

        return [$piece, $place, $pack];
    }

    /**
     * @param  array{Money, int}|null  $pack  what was paid for how many together, where that is known
     * @return array<string, mixed> what is as usual of its kind is left out
     *
     * @throws InvalidLength
     */
    public static function write(PlannedPiece $piece, string $place, ?array $pack = null): array
    {
        return array_filter([
            'id' => $piece->id,
            'kind' => $piece->kind->id,
            'name' => $piece->name,
            'quantity' => $piece->quantity,
            'toBuy' => $piece->isToBuy() ? true : null,
            'price' => $piece->isToBuy() ? null : PriceFields::write($piece->price, $pack),
            'source' => $piece->source?->value,
            'place' => $place === '' ? null : $place,
            ...ThingFields::likeness($piece->thing),
            ...PreparedFields::write($piece),
            ...ThingFields::contents($piece->thing),
            'said' => SaidOfPiece::write($piece->thing->said),
            'countsAs' => $piece->choices->countsAs,
            'into' => $piece->choices->into,
            'packing' => $piece->choices->packing->isNothing() ? null : WishFields::write($piece->choices->packing),
        ], static fn (mixed $value): bool => $value !== null);
    }

    /** @throws MalformedFile */
    private static function id(Fields $fields): string
    {
        $id = $fields->text('id');

        return preg_match('/^[A-Za-z0-9_-]{1,40}$/', $id) === 1
            ? $id
            : $fields->refuse('id', 'must be up to 40 letters, digits, dashes');
    }
}
