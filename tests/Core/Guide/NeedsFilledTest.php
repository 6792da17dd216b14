<?php

declare(strict_types=1);

namespace Tests\Core\Guide;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Guide\Accepts;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Guide\Need;
use PluckyWren\Core\Guide\NeedsFilled;
use PluckyWren\Core\Guide\NeedState;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Recipient\Gender;
use PluckyWren\Core\Recipient\Recipient;
use PluckyWren\Core\Stash\Category;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Stash\Thing;
use Tests\Core\Data;

final class NeedsFilledTest extends TestCase
{
    /**
     * @param  array<string, int>  $held  how many of each kind
     * @param  list<string>  $missing
     */
    #[DataProvider('boxes')]
    public function test_alternatives_count_once_and_nothing_fills_two_needs(array $held, array $missing): void
    {
        $filled = NeedsFilled::of(self::needs(), self::girl(), self::held($held));

        self::assertSame(
            $missing,
            array_map(static fn (NeedState $state): string => $state->need->name.match (true) {
                $state->asked === 1 => '',
                $state->held === 0 => " ({$state->lacks()})",
                default => " ({$state->lacks()} more)",
            }, $filled->missing()),
        );
        self::assertSame(4 - count($missing), $filled->filled());
        self::assertSame(4, $filled->asked());
    }

    /** @param list<string> $anyOf */
    #[TestWith([['puzzle', 'dominoes'], 'puzzle', 2, 0, 1], 'two different things to play with')]
    #[TestWith([['puzzle', 'bouncy-ball'], 'bouncy-ball', 2, 0, 2], 'unless two of the same are usual')]
    #[TestWith([['puzzle', 'bouncy-ball'], 'bouncy-ball', 2, 1, 1], 'and no more than are lacking')]
    #[TestWith([['pencils'], 'pencils', 5, 0, 5], 'of six usual pencils those that are asked')]
    #[TestWith([['balloons'], 'balloons', 3, 0, 3], 'all of it where nothing else does and nobody knows what is usual')]
    #[TestWith([['balloons', 'puzzle'], 'balloons', 3, 0, 1], 'one of it where something else does')]
    public function test_as_many_are_suggested_as_go_towards_what_is_lacking(
        array $anyOf,
        string $kind,
        int $asked,
        int $held,
        int $suggested,
    ): void {
        $need = new Need('x', 'x', Category::Play, new Accepts($anyOf), ['4-7' => $asked]);

        self::assertSame(
            $suggested,
            (new NeedState($need, $asked, $held))->suggested(Data::catalogue()->get($kind), AgeBand::parse('4-7')),
        );
    }

    /** @return iterable<string, array{array<string, int>, list<string>}> */
    public static function boxes(): iterable
    {
        yield 'nothing' => [[], ['lead gift', 'something soft', 'something to play (2)', 'pencils (5)']];
        yield 'one big bear is the lead gift or the soft friend, never both' => [
            ['bear' => 1], ['something soft', 'something to play (2)', 'pencils (5)'],
        ];
        yield 'two big bears are both' => [['bear' => 2], ['something to play (2)', 'pencils (5)']];
        yield 'a small owl leaves the bear free to lead' => [
            ['owl' => 1, 'bear' => 1], ['something to play (2)', 'pencils (5)'],
        ];
        yield 'even where the bear was taken for soft first' => [
            ['bear' => 1, 'owl' => 1, 'ball' => 0], ['something to play (2)', 'pencils (5)'],
        ];
        yield 'balls play where the bears lead and comfort' => [['ball' => 2, 'bear' => 2], ['pencils (5)']];
        yield 'part of what is asked is said as what is left' => [
            ['pencil' => 3], ['lead gift', 'something soft', 'something to play (2)', 'pencils (2 more)'],
        ];
        yield 'too many fill nothing else' => [
            ['pencil' => 12], ['lead gift', 'something soft', 'something to play (2)'],
        ];
        yield 'what no need asks for fills none' => [
            ['kazoo' => 3], ['lead gift', 'something soft', 'something to play (2)', 'pencils (5)'],
        ];
        yield 'all' => [['ball' => 3, 'owl' => 1, 'pencil' => 5], []];
    }

    public function test_a_need_is_only_asked_for_whom_the_guide_asks_it(): void
    {
        $ties = new Accepts(['hair-ties']);
        $need = new Need('hair', 'hair ties', Category::Wear, $ties, ['8-12' => 1], [Gender::Girl]);

        self::assertSame(1, $need->countFor(new Recipient(AgeBand::parse('8-12'), Gender::Girl)));
        self::assertSame(0, $need->countFor(new Recipient(AgeBand::parse('8-12'), Gender::Boy)));
        self::assertSame(0, $need->countFor(new Recipient(AgeBand::parse('4-7'), Gender::Girl)));
    }

    public function test_states_keep_the_order_of_the_guide_and_know_their_lane(): void
    {
        $filled = NeedsFilled::of(self::needs(), self::girl(), self::held(['pencil' => 5]));

        self::assertSame(
            ['lead', 'soft', 'play', 'pencils'],
            array_map(static fn (NeedState $state): string => $state->need->id, $filled->states),
        );
        self::assertSame(
            ['pencils'],
            array_map(static fn (NeedState $state): string => $state->need->id, $filled->ofCategory(Category::School)),
        );
    }

    /** @return list<Need> */
    private static function needs(): array
    {
        return [
            new Need('lead', 'lead gift', Category::Lead, new Accepts(['ball', 'bear']), ['4-7' => 1]),
            new Need('soft', 'something soft', Category::Soft, new Accepts(['owl', 'bear']), ['4-7' => 1]),
            new Need('play', 'something to play', Category::Play, new Accepts(['ball', 'cards']), ['4-7' => 2]),
            new Need('pencils', 'pencils', Category::School, new Accepts(['pencil']), ['4-7' => 5]),
            new Need('calculator', 'calculator', Category::School, new Accepts(['calculator']), ['8-12' => 1]),
        ];
    }

    private static function girl(): Recipient
    {
        return new Recipient(AgeBand::parse('4-7'), Gender::Girl);
    }

    /**
     * @param  array<string, int>  $held
     * @return list<Held>
     */
    private static function held(array $held): array
    {
        return array_map(
            static fn (string $kind, int $quantity): Held => new Held(
                $kind,
                Thing::usual(ItemKind::retired($kind)),
                $quantity,
            ),
            array_keys($held),
            array_values($held),
        );
    }
}
