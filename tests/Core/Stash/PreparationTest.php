<?php

declare(strict_types=1);

namespace Tests\Core\Stash;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Stash\Inside;
use PluckyWren\Core\Stash\Measures;
use PluckyWren\Core\Stash\Packaging;
use PluckyWren\Core\Stash\Preparation\Habits;
use PluckyWren\Core\Stash\Preparation\Task;
use PluckyWren\Core\Stash\Preparation\TaskOrder;
use PluckyWren\Core\Stash\Preparation\TasksOf;
use PluckyWren\Core\Stash\Source;
use PluckyWren\Core\Stash\Thing;
use Tests\Core\Data;

final class PreparationTest extends TestCase
{
    /** @param list<string> $tasks */
    #[DataProvider('pieces')]
    public function test_a_piece_gets_its_tasks_in_an_order_that_can_be_followed(
        string $kind,
        ?Source $source,
        bool $stays,
        Habits $habits,
        string $band,
        array $tasks,
    ): void {
        $known = Data::catalogue()->get($kind);
        $thing = new Thing(
            $known,
            $known->name,
            new Measures($known->body->size, packaging: Packaging::of(true, $stays)),
            $known->care->traits,
            null,
            Inside::nothing(),
        );
        $found = (new TasksOf($habits))->thing($thing, $source, AgeBand::parse($band));

        self::assertSame($tasks, array_column($found, 'value'));
    }

    /** @return iterable<string, array{string, Source|null, bool, Habits, string, list<string>}> */
    public static function pieces(): iterable
    {
        $usual = new Habits;
        yield 'soap is scented: two bags, and the price off before' => [
            'soap', Source::Shop, true, $usual, '4-7', ['price-off', 'bag-twice'],
        ];
        yield 'a puzzle comes out of its box' => [
            'puzzle',
            Source::Shop,
            false,
            $usual,
            '4-7',
            ['price-off', 'strip', 'keep-picture', 'keep-instructions', 'bag'],
        ];
        yield 'a puzzle that stays in its box' => [
            'puzzle', Source::Shop, true, new Habits(false, false), '4-7', ['price-off'],
        ];
        yield 'batteries are tried before they are taped' => [
            'batteries', Source::Shop, true, $usual, '8-12', ['price-off', 'test', 'tape-batteries'],
        ];
        yield 'a rope for the youngest is cut' => [
            'skipping-rope', Source::OwnHouse, true, $usual, '2-3', ['look-over', 'shorten-cord'],
        ];
        yield 'a rope for the others is not' => ['skipping-rope', Source::Reward, true, $usual, '4-7', []];
        yield 'a short cord is left' => ['bracelet', Source::Made, true, $usual, '2-3', ['bag']];
        yield 'thrift is looked over first' => [
            't-shirt', Source::Thrift, true, $usual, '4-7', ['look-over', 'price-off', 'fold'],
        ];
        yield 'a cup is filled; a gift may bear its tag too' => [
            'cup', Source::Given, true, $usual, '4-7', ['price-off', 'fill'],
        ];
        yield 'what is still to buy has none' => ['soap', null, true, $usual, '4-7', []];
    }

    public function test_the_order_holds_whatever_the_tasks_and_knows_what_came_too_early(): void
    {
        mt_srand(20261125);
        for ($try = 0; $try < 300; $try++) {
            $tasks = array_values(array_filter(Task::cases(), static fn (): bool => mt_rand(0, 1) === 1));
            shuffle($tasks);
            $sorted = TaskOrder::sorted($tasks);
            self::assertEqualsCanonicalizing(array_column($tasks, 'value'), array_column($sorted, 'value'));
            foreach ($sorted as $index => $task) {
                self::assertSame([], TaskOrder::waitsFor($task, array_slice($sorted, $index + 1)), $task->value);
            }
        }
        self::assertSame(
            [[Task::Bag, [Task::PriceOff]]],
            TaskOrder::doneTooEarly([Task::PriceOff, Task::Bag], [Task::Bag]),
        );
        self::assertSame([], TaskOrder::doneTooEarly([Task::PriceOff, Task::Bag], [Task::PriceOff, Task::Bag]));
    }
}
