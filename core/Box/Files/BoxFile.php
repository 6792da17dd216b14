<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Files;

use PluckyWren\Core\Box\BoxKinds;
use PluckyWren\Core\Box\Funds;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Box\Ways;
use PluckyWren\Core\Colour\InvalidPalette;
use PluckyWren\Core\Colour\Palette;
use PluckyWren\Core\Fit\Files\Fields;
use PluckyWren\Core\Fit\Files\MalformedFile;
use PluckyWren\Core\Fit\Order;
use PluckyWren\Core\Guide\Guide;
use PluckyWren\Core\Measure\InvalidLength;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Recipient\Gender;
use PluckyWren\Core\Recipient\InvalidBand;
use PluckyWren\Core\Recipient\Recipient;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\Preparation\Habits;

/** The box file, `plucky-wren/box@1`; `docs/formats/box.md` says what each field is. */
final readonly class BoxFile
{
    public const FORMAT = 'plucky-wren/box@1';

    public function __construct(
        private Catalogue $catalogue,
        private BoxKinds $boxKinds,
        private Habits $habits = new Habits,
    ) {}

    /**
     * @param  callable(string): ?Guide  $guideOf
     *
     * @throws MalformedFile If it is no box; the message names $file and the field.
     */
    public function read(string $json, string $file, callable $guideOf): BoxDocument
    {
        return $this->readFields(Fields::ofJson($json, $file), $guideOf);
    }

    /**
     * Read a box that is part of another file.
     *
     * @param  callable(string): ?Guide  $guideOf
     * @param  bool  $takesAnyBand  also one that is not, or no longer, among the guide's
     *
     * @throws MalformedFile
     */
    public function readFields(Fields $fields, callable $guideOf, bool $takesAnyBand = false): BoxDocument
    {
        $fields->format(self::FORMAT);
        $guideId = $fields->text('guide');
        $guide = $guideOf($guideId) ?? $fields->refuse('guide', 'names no guide that is here');
        $currency = $this->currency($fields);
        $recipient = $this->recipient($fields->object('for'), $guide, $takesAnyBand);
        $pieces = new PieceFields($this->catalogue, $currency);
        $read = array_map($pieces->read(...), $fields->objects('pieces'));
        $this->refuseTwins($read, $fields);
        $plan = new Plan(
            $recipient,
            $guide,
            (new BoxKindFields($this->boxKinds))->read($fields->object('box')),
            new Funds(
                $this->money($fields, 'sendingGift', $currency),
                $fields->has('budget') ? $this->money($fields, 'budget', $currency) : null,
            ),
            array_column($read, 0),
            new Ways(
                $this->habits,
                $fields->has('order') ? $fields->choice('order', Order::class) : Order::FlatsFirst,
            ),
            SettledFields::read($fields),
        );
        $plan->funds->budget?->isZero() !== true || $fields->refuse('budget', 'must be more than nothing, or left out');
        $plan->funds->sendingGift->minor >= 0 || $fields->refuse('sendingGift', 'must not be below nothing');
        $ids = array_map(static fn (array $piece): string => $piece[0]->id, $read);
        $places = array_filter(
            array_combine($ids, array_column($read, 1)),
            static fn (string $place): bool => $place !== '',
        );
        $packs = array_filter(
            array_combine($ids, array_column($read, 2)),
            static fn (?array $pack): bool => $pack !== null,
        );
        $document = new BoxDocument($fields->text('theme'), $this->palette($fields), $guideId, $plan, $places, $packs);
        $fields->nothingElse();

        return $document;
    }

    /** @throws InvalidLength */
    public function write(BoxDocument $document): string
    {
        return json_encode(
            $this->fields($document),
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT,
        )."\n";
    }

    /**
     * @return array<string, mixed> what a file of it holds
     *
     * @throws InvalidLength
     */
    public function fields(BoxDocument $document): array
    {
        $plan = $document->plan;
        $piece = static fn (PlannedPiece $piece): array => PieceFields::write(
            $piece,
            $document->places[$piece->id] ?? '',
            $document->packs[$piece->id] ?? null,
        );

        return array_filter([
            'format' => self::FORMAT,
            'guide' => $document->guideId,
            'theme' => $document->theme,
            'colours' => $document->palette->hexes(),
            'for' => ['band' => $plan->recipient->band->id(), 'gender' => $plan->recipient->gender->value],
            'box' => BoxKindFields::write($plan->boxKind),
            'currency' => $plan->funds->sendingGift->currency->code,
            'budget' => $plan->funds->budget?->plain(),
            'sendingGift' => $plan->funds->sendingGift->plain(),
            ...SettledFields::write($plan->settled),
            'order' => $plan->ways->packingOrder === Order::FlatsFirst ? null : $plan->ways->packingOrder->value,
            'pieces' => array_map($piece, $plan->pieces),
        ], static fn (mixed $value): bool => $value !== null);
    }

    /** @throws MalformedFile */
    private function recipient(Fields $for, Guide $guide, bool $takesAnyBand): Recipient
    {
        $band = $for->text('band');
        $known = array_values(
            array_filter($guide->audience->bands, static fn (AgeBand $one): bool => $one->id() === $band),
        )[0] ?? null;
        if ($known === null && ! $takesAnyBand) {
            $for->refuse(
                'band',
                "is none of the guide's: ".implode(
                    ', ',
                    array_map(static fn (AgeBand $one): string => $one->id(), $guide->audience->bands),
                ),
            );
        }
        try {
            $recipient = new Recipient($known ?? AgeBand::parse($band), $for->choice('gender', Gender::class));
        } catch (InvalidBand) {
            $for->refuse('band', 'must be years, like 4-7');
        }
        $for->nothingElse();

        return $recipient;
    }

    /** @throws MalformedFile */
    private function currency(Fields $fields): Currency
    {
        try {
            return Currency::of($fields->text('currency'));
        } catch (InvalidMoney) {
            $fields->refuse('currency', 'must be three capital letters');
        }
    }

    /** @throws MalformedFile */
    private function money(Fields $fields, string $name, Currency $currency): Money
    {
        try {
            return Money::parse($fields->text($name), $currency);
        } catch (InvalidMoney $wrong) {
            $fields->refuse($name, 'must be an amount, as text', $wrong->why());
        }
    }

    /** @throws MalformedFile */
    private function palette(Fields $fields): Palette
    {
        $hexes = $fields->has('colours') ? $fields->list('colours') : [];
        try {
            return Palette::ofHexes(array_map(static fn (mixed $hex): string => is_string($hex) ? $hex : '', $hexes));
        } catch (InvalidPalette) {
            $fields->refuse('colours', 'must be up to three colours like #2f8f9d');
        }
    }

    /**
     * @param list<array{PlannedPiece, string, array{Money, int}|null}> $pieces
     *
     * @throws MalformedFile
     */
    private function refuseTwins(array $pieces, Fields $fields): void
    {
        $seen = [];
        foreach ($pieces as $index => [$piece]) {
            isset($seen[$piece->id]) && $fields->refuse("pieces[{$index}].id", 'is there twice');
            $seen[$piece->id] = true;
        }
    }
}
