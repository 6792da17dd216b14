<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide;

use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Recipient\Gender;
use PluckyWren\Core\Recipient\InvalidBand;
use PluckyWren\Core\Recipient\Recipient;
use PluckyWren\Core\Stash\Category;
use PluckyWren\Core\Stash\ItemTrait;

/**
 * A drive's rules for a season, as data; the file's shape is fixed by `data/schemas/guide.schema.json`.
 *
 * @phpstan-type NeedData array{
 *     id: string, name: string, category: string, anyOf: non-empty-list<string>, count: array<string, int>,
 *     genders?: list<string>, usual?: array<string, int>,
 * }
 * @phpstan-type GuideData array{
 *     id: string, drive: string, season: string, source: string, dated: string, currency: string,
 *     sendingGift: string, bands: list<string>, genders: list<string>,
 *     carton: array{name: string, size: array{float, float, float}},
 *     handIn: array{from: string, to: string, place: string, places?: list<array{name: string, closes: string}>},
 *     boxLimit?: array{name: string, size: array{float, float, float}}, labelFields?: list<string>,
 *     needs: list<NeedData>, wishes: list<NeedData>,
 *     flags: list<array{trait: string, weight: string, bands?: list<string>, why: string, remedy: string}>,
 * }
 */
final readonly class Guide
{
    /**
     * @param  list<AgeBand>  $bands
     * @param  list<Gender>  $genders
     * @param  list<Need>  $needs
     * @param  list<Need>  $wishes
     * @param  list<TraitFlag>  $flags
     * @param  Size|null  $boxLimit  what a box may measure outside at most
     * @param  list<string>  $labelFields  what the label asks for
     * @param  bool  $isLost  whether the real one is gone, so that nothing is checked
     */
    private function __construct(
        public string $id,
        public string $drive,
        public string $source,
        public string $dated,
        public Money $sendingGift,
        public array $bands,
        public array $genders,
        public Size $carton,
        public HandIn $handIn,
        public array $needs,
        public array $wishes,
        public array $flags,
        public ?Size $boxLimit,
        public array $labelFields,
        public string $season,
        public bool $isLost = false,
    ) {}

    /**
     * A guide that is gone or can no longer be read: its days and bands are those of another, and it asks for nothing
     * and checks nothing.
     */
    public static function lost(string $id, self $like): self
    {
        return new self(
            $id,
            "“{$id}”, which is gone",
            '',
            $like->dated,
            $like->sendingGift,
            $like->bands,
            $like->genders,
            $like->carton,
            $like->handIn,
            [],
            [],
            [],
            null,
            [],
            $like->season,
            true,
        );
    }

    /**
     * @param  GuideData  $data
     *
     * @throws InvalidGuide If a day is none.
     * @throws InvalidMoney If the gift is no amount of its currency.
     * @throws InvalidBand If a band is none.
     */
    public static function ofData(array $data): self
    {
        return new self(
            $data['id'],
            $data['drive'],
            $data['source'],
            $data['dated'],
            Money::parse($data['sendingGift'], Currency::of($data['currency'])),
            array_map(AgeBand::parse(...), $data['bands']),
            array_map(Gender::from(...), $data['genders']),
            Size::ofMm(...$data['carton']['size']),
            new HandIn(
                $data['handIn']['from'],
                $data['handIn']['to'],
                $data['handIn']['place'],
                array_column($data['handIn']['places'] ?? [], 'closes', 'name'),
            ),
            array_map(self::need(...), $data['needs']),
            array_map(self::need(...), $data['wishes']),
            array_map(static fn (array $flag): TraitFlag => new TraitFlag(
                ItemTrait::from($flag['trait']),
                Weight::from($flag['weight']),
                array_map(AgeBand::parse(...), $flag['bands'] ?? []),
                $flag['why'],
                $flag['remedy'],
            ), $data['flags']),
            isset($data['boxLimit']) ? Size::ofMm(...$data['boxLimit']['size']) : null,
            $data['labelFields'] ?? [],
            $data['season'],
        );
    }

    /** @param list<Held> $held */
    public function needsFilled(Recipient $recipient, array $held): NeedsFilled
    {
        return NeedsFilled::of($this->needs, $recipient, $held);
    }

    /** @param NeedData $data */
    private static function need(array $data): Need
    {
        return new Need(
            $data['id'],
            $data['name'],
            Category::from($data['category']),
            $data['anyOf'],
            $data['count'],
            array_map(Gender::from(...), $data['genders'] ?? []),
            $data['usual'] ?? [],
        );
    }
}
