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
 *     id: string, name: string, category: string, anyOf?: list<string>, lanes?: list<string>,
 *     count: array<string, int>,
 *     genders?: list<string>, usual?: array<string, int>,
 * }
 * @phpstan-type GuideData array{
 *     id: string, drive: string, season: string, source: string, dated: string, currency: string,
 *     sendingGift: string, bands: non-empty-list<string>, genders: list<string>,
 *     carton: array{name: string, size: array{float, float, float}},
 *     handIn: array{
 *         from: string, to: string, place: string, places?: list<array{name: string, closes: string, hours?: string}>,
 *     },
 *     mostAsked?: list<string>, labelFields?: list<string>,
 *     boxLimit?: array{name: string, size: array{float, float, float}},
 *     needs: list<NeedData>, wishes: list<NeedData>,
 *     flags: list<array{trait: string, weight: string, bands?: list<string>, why: string, remedy: string}>,
 * }
 */
final readonly class Guide
{
    /**
     * @param  list<Need>  $needs
     * @param  list<Need>  $wishes
     * @param  list<TraitFlag>  $flags
     */
    private function __construct(
        public Edition $edition,
        public Audience $audience,
        public Terms $terms,
        public array $needs = [],
        public array $wishes = [],
        public array $flags = [],
    ) {}

    /**
     * A guide that is gone or can no longer be read: its days and bands are those of another, and it asks for nothing
     * and checks nothing.
     */
    public static function lost(string $id, self $like): self
    {
        $was = $like->edition;

        return new self(
            new Edition($id, "“{$id}”, which is gone", $was->season, '', $was->dated, true),
            $like->audience,
            new Terms($like->terms->sendingGift, $like->terms->handIn, $like->terms->carton),
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
        $bands = array_map(AgeBand::parse(...), $data['bands']);

        return new self(
            new Edition($data['id'], $data['drive'], $data['season'], $data['source'], $data['dated']),
            new Audience(
                $bands,
                array_map(Gender::from(...), $data['genders']),
                array_map(MostAsked::parse(...), $data['mostAsked'] ?? []),
            ),
            self::terms($data),
            array_map(self::need(...), $data['needs']),
            array_map(self::need(...), $data['wishes']),
            array_map(static fn (array $flag): TraitFlag => new TraitFlag(
                ItemTrait::from($flag['trait']),
                Weight::from($flag['weight']),
                array_map(AgeBand::parse(...), $flag['bands'] ?? []),
                $flag['why'],
                $flag['remedy'],
            ), $data['flags']),
        );
    }

    /**
     * The bands of which it asks nothing, or for which it flags nothing, though it does for others: added and
     * forgotten, most likely.
     *
     * @return list<AgeBand>
     */
    public function unguardedBands(): array
    {
        return array_values(array_filter(
            $this->audience->bands,
            fn (AgeBand $band): bool => ($this->needs !== [] && ! $this->asksOf($band))
                || ($this->flags !== [] && ! $this->flagsFor($band)),
        ));
    }

    private function asksOf(AgeBand $band): bool
    {
        return array_filter($this->needs, static fn (Need $need): bool => $need->countForBand($band) > 0) !== [];
    }

    private function flagsFor(AgeBand $band): bool
    {
        return array_filter($this->flags, static fn (TraitFlag $flag): bool => $flag->holdsFor($band)) !== [];
    }

    /** How many things it bars. */
    public function barred(): int
    {
        return count(array_filter($this->flags, static fn (TraitFlag $flag): bool => $flag->weight === Weight::Bar));
    }

    /** @return list<Need> all that it asks of a child */
    public function needsFor(Recipient $recipient): array
    {
        return array_values(array_filter(
            $this->needs,
            static fn (Need $need): bool => $need->countFor($recipient) > 0,
        ));
    }

    /** @param list<Held> $held */
    public function needsFilled(Recipient $recipient, array $held): NeedsFilled
    {
        return NeedsFilled::of($this->needs, $recipient, $held);
    }

    /**
     * @param  GuideData  $data
     *
     * @throws InvalidGuide If a day is none.
     * @throws InvalidMoney If the gift is no amount of its currency.
     */
    private static function terms(array $data): Terms
    {
        return new Terms(
            Money::parse($data['sendingGift'], Currency::of($data['currency'])),
            new HandIn(
                $data['handIn']['from'],
                $data['handIn']['to'],
                $data['handIn']['place'],
                array_column($data['handIn']['places'] ?? [], 'closes', 'name'),
                array_column($data['handIn']['places'] ?? [], 'hours', 'name'),
            ),
            Size::ofMm(...$data['carton']['size']),
            isset($data['boxLimit']) ? Size::ofMm(...$data['boxLimit']['size']) : null,
            $data['labelFields'] ?? [],
        );
    }

    /** @param NeedData $data */
    private static function need(array $data): Need
    {
        return new Need(
            $data['id'],
            $data['name'],
            Category::from($data['category']),
            new Accepts($data['anyOf'] ?? [], array_map(Category::from(...), $data['lanes'] ?? [])),
            $data['count'],
            array_map(Gender::from(...), $data['genders'] ?? []),
            $data['usual'] ?? [],
        );
    }
}
