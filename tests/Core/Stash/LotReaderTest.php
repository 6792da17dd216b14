<?php

declare(strict_types=1);

namespace Tests\Core\Stash;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Colour\ColourNames;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\PriceState;
use PluckyWren\Core\Stash\ItemTrait;
use PluckyWren\Core\Stash\Lot;
use PluckyWren\Core\Stash\Packaging;
use PluckyWren\Core\Stash\Reading\Day;
use PluckyWren\Core\Stash\Reading\LotReader;
use PluckyWren\Core\Stash\Reading\Unreadable;
use PluckyWren\Core\Stash\Reading\Wrong;
use PluckyWren\Core\Stash\Source;
use Tests\Core\Data;

/** A lot as it is typed anywhere, read in one place. */
final class LotReaderTest extends TestCase
{
    public function test_what_is_not_typed_is_as_usual_of_the_kind(): void
    {
        $lot = self::read(['kind' => ' bar of SOAP ']);
        $soap = Data::catalogue()->get('soap');

        self::assertSame(['soap', 'Bar of soap'], [$lot->thing->kind->id, $lot->thing->name]);
        self::assertEquals($soap->body->size, $lot->thing->measures->size);
        self::assertFalse($lot->thing->measures->areTaken);
        self::assertSame($soap->care->traits, $lot->thing->traits);
        self::assertSame(
            [1, Source::Shop, '2026-11-18', PriceState::Unknown],
            [$lot->pieces, $lot->origin->source, $lot->origin->gotOn->format('Y-m-d'), $lot->cost->state],
        );
        self::assertNull($lot->origin->dueOn);
        self::assertTrue($lot->thing->inside->isEmpty());
    }

    public function test_all_of_it_is_read_as_people_write_it(): void
    {
        $lot = self::read([
            'kind' => 't-shirt', 'name' => 'Stars', 'pieces' => '3', 'price' => '7,50', 'list_price' => '9',
            'source' => 'made', 'place' => 'Oskar', 'got_on' => '12.08.2026', 'length' => '21 cm', 'width' => '15 cm',
            'height' => '3 cm', 'packaged_length' => '22 cm', 'packaged_width' => '16 cm', 'packaged_height' => '4 cm',
            'is_packaged' => 'yes', 'size_label' => '7-8', 'traits' => 'none', 'colours' => '#2F8F9D',
            'holds' => "2 Comb\n1 x Soap", 'note' => 'soft', 'tags' => 'stars, , night', 'kept' => 'loft',
            'materials' => 'old sheet', 'minutes' => '40',
        ]);

        self::assertSame([750, 900], [$lot->cost->paid?->minor, $lot->cost->list?->minor]);
        self::assertSame('2.50', $lot->cost->price($lot->pieces)->each?->format());
        self::assertSame('2026-08-12', $lot->origin->gotOn->format('Y-m-d'));
        self::assertSame([2100, 1500, 300], $lot->thing->measures->size->sides());
        self::assertTrue($lot->thing->measures->areTaken);
        self::assertSame(Packaging::Stays, $lot->thing->measures->packaging);
        self::assertSame([2200, 1600, 400], $lot->thing->inBox($lot->packaged)->measures->size->sides());
        self::assertSame(['7-8', []], [$lot->thing->sizeLabel, $lot->thing->traits]);
        self::assertSame(['#2f8f9d'], $lot->colours->hexes());
        self::assertSame(['comb' => 2, 'soap' => 1], $lot->thing->inside->counts());
        self::assertSame(['soft', ['stars', 'night'], 'loft'], [
            $lot->remarks->note, $lot->remarks->tags, $lot->remarks->keptIn,
        ]);
        self::assertSame(['old sheet', 40], [$lot->origin->materials, $lot->origin->minutes]);
    }

    public function test_what_does_not_belong_to_it_is_passed_over(): void
    {
        $lot = self::read(['kind' => 'soap', 'size_label' => '7-8', 'materials' => 'lye', 'minutes' => '5']);

        self::assertSame([null, null, null], [$lot->thing->sizeLabel, $lot->origin->materials, $lot->origin->minutes]);
        // It came in a packaging, and goes in without.
        $bare = self::read([
            'kind' => 'soap', 'packaged_length' => '100', 'packaged_width' => '70', 'packaged_height' => '40',
        ]);
        self::assertSame(Packaging::ComesOff, $bare->thing->inBox($bare->packaged)->measures->packaging);
        self::assertEquals($bare->thing->measures->size, $bare->thing->inBox($bare->packaged)->measures->size);
    }

    /** @param array<string, string> $typed */
    #[DataProvider('prices')]
    public function test_paid_free_and_unknown_are_decided_in_one_way(array $typed, PriceState $state): void
    {
        self::assertSame($state, self::read(['kind' => 'soap', ...$typed])->cost->state);
    }

    /** @return iterable<string, array{array<string, string>, PriceState}> */
    public static function prices(): iterable
    {
        yield 'an amount' => [['price' => '0.01'], PriceState::Paid];
        yield 'an amount, whatever is said' => [['price' => '1', 'price_state' => 'unknown'], PriceState::Paid];
        yield 'a nought' => [['price' => '0'], PriceState::Free];
        yield 'a nought of a reward' => [['price' => '0.00', 'source' => 'reward'], PriceState::Free];
        yield 'nothing from a shop' => [[], PriceState::Unknown];
        yield 'nothing for a gift' => [['source' => 'given'], PriceState::Free];
        yield 'a gift whose price nobody knows' => [
            ['source' => 'given', 'price_state' => 'Unknown'], PriceState::Unknown,
        ];
        yield 'said to be free' => [['price_state' => 'free'], PriceState::Free];
    }

    /**
     * @param array<string, string> $typed
     * @param list<string> $wrong
     */
    #[DataProvider('mistakes')]
    public function test_everything_that_is_wrong_is_told_at_once(array $typed, array $wrong): void
    {
        try {
            self::read($typed);
            self::fail('It was read.');
        } catch (Unreadable $why) {
            self::assertSame($wrong, array_map(
                static fn (array $one): string => "{$one[0]}: ".self::said($one[1]),
                $why->wrong,
            ));
        }
    }

    /** @return iterable<string, array{array<string, string>, list<string>}> */
    public static function mistakes(): iterable
    {
        yield 'several' => [
            ['kind' => 'gremlin', 'pieces' => '0', 'source' => 'stolen', 'price' => 'lots'],
            [
                'kind: kind gremlin',
                'pieces: pieces 0',
                'source: source stolen',
                'price: money.unreadable (text: lots)',
            ],
        ];
        yield 'more pieces than a lot has' => [['kind' => 'soap', 'pieces' => '10001'], ['pieces: pieces 10001']];
        yield 'a day to come' => [['kind' => 'soap', 'got_on' => '2026-11-19'], ['got_on: past-day 2026-11-19']];
        yield 'a day long gone' => [['kind' => 'soap', 'got_on' => '1999-12-31'], ['got_on: past-day 1999-12-31']];
        yield 'a day that is none' => [['kind' => 'soap', 'due_on' => '31.02.2027'], ['due_on: day 31.02.2027']];
        yield 'a day that nobody waits for' => [
            ['kind' => 'soap', 'due_on' => '2100-01-01'], ['due_on: day 2100-01-01'],
        ];
        yield 'a name too long' => [
            ['kind' => 'soap', 'name' => str_repeat('x', 81)], ['name: max '.str_repeat('x', 39).'…'],
        ];
        yield 'a packaging without a side' => [
            ['kind' => 'soap', 'packaged_width' => '70'], ['packaged_length: packaging '],
        ];
        yield 'contents that are no kind' => [
            ['kind' => 'soap', 'holds' => "Comb\n2 Gremlin"], ['holds: contents 2 Gremlin'],
        ];
        yield 'contents that do not go in' => [
            ['kind' => 'sharpener', 'holds' => '2 folding backpack'], ['holds: no-room '],
        ];
        yield 'a colour that is none' => [
            ['kind' => 'soap', 'colours' => 'puce'],
            ['colours: palette.unreadable (text: puce)'],
        ];
    }

    public function test_the_same_cell_is_read_once_and_is_wrong_each_time(): void
    {
        $reader = self::reader();
        foreach ([1, 2] as $time) {
            try {
                $reader->read(['kind' => 'soap', 'price' => 'lots']);
                self::fail("It was read at time {$time}.");
            } catch (Unreadable $why) {
                self::assertSame('price', $why->wrong[0][0]);
            }
        }
        self::assertSame(100, $reader->read(['kind' => 'soap', 'price' => '1'])->cost->paid?->minor);
        self::assertSame(100, $reader->read(['kind' => 'comb', 'price' => '1'])->cost->paid?->minor);
    }

    #[DataProvider('days')]
    public function test_a_day_is_read_in_the_ways_people_write_it(string $text, ?string $day): void
    {
        self::assertSame($day, Day::read($text)?->format('Y-m-d'));
    }

    /** @return iterable<string, array{string, string|null}> */
    public static function days(): iterable
    {
        yield 'as a computer does' => ['2026-8-2', '2026-08-02'];
        yield 'with dots' => ['2.8.2026', '2026-08-02'];
        yield 'with strokes' => ['02/08/2026', '2026-08-02'];
        yield 'in other figures' => ['٢٠٢٦-٠٨-٠٢', '2026-08-02'];
        yield 'a day that is none' => ['30.2.2026', null];
        yield 'in words' => ['yesterday', null];
    }

    public function test_traits_are_those_that_are_known(): void
    {
        self::assertSame(
            [ItemTrait::Glass, ItemTrait::Cord],
            self::read(['kind' => 'soap', 'traits' => 'glass, gremlin,cord'])->thing->traits,
        );
    }

    private static function said(Wrong $wrong): string
    {
        return $wrong->why !== null ? (string) $wrong->why : "{$wrong->says} {$wrong->with['text']}";
    }

    /** @param array<string, string> $typed */
    private static function read(array $typed): Lot
    {
        return self::reader()->read($typed);
    }

    private static function reader(): LotReader
    {
        return new LotReader(
            Data::catalogue(),
            ColourNames::ofData(['colours' => [['hex' => '#f4d35e', 'name' => 'star']]]),
            Currency::of('EUR'),
            new DateTimeImmutable('2026-11-18'),
        );
    }
}
