<?php

declare(strict_types=1);

namespace Tests\Core\Stash;

use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Stash\Preparation\Preparation;
use PluckyWren\Core\Stash\Preparation\Prepared;
use PluckyWren\Core\Stash\Preparation\Task;
use PluckyWren\Core\Stash\Preparation\TaskChoices;

final class PreparedTest extends TestCase
{
    public function test_it_counts_what_was_done_to_how_many(): void
    {
        $three = Prepared::all(3, [Task::PriceOff]);
        $mixed = $three->plus(Prepared::all(1, [Task::PriceOff, Task::Cap]));

        self::assertSame([4, 1, 0], array_map($mixed->countOf(...), [Task::PriceOff, Task::Cap, Task::Bag]));
        self::assertSame([Task::PriceOff], $mixed->doneToAll(4));
        self::assertSame([], $mixed->doneToAll(5));
        self::assertEquals(Prepared::all(1, [Task::Cap, Task::PriceOff]), $mixed->best(1));
        self::assertEquals($three, $mixed->minus($mixed->best(1)));
        self::assertEquals(Prepared::all(5, [Task::PriceOff]), $three->with(Task::PriceOff, 5));
        self::assertEquals(Prepared::all(4, [Task::PriceOff]), $mixed->without(Task::Cap));
        self::assertTrue($three->without(Task::PriceOff)->isNothing());
        self::assertEquals($mixed, Prepared::ofData($mixed->data()));
        self::assertEquals($three, Prepared::ofData([
            ['pieces' => 3, 'tasks' => ['price-off', 'was a task once']], ['pieces' => 'many'], 'nonsense',
        ]));
    }

    public function test_no_work_is_lost_or_made_up_however_pieces_come_and_go(): void
    {
        mt_srand(20261126);
        for ($try = 0; $try < 200; $try++) {
            $loose = new Prepared;
            $boxes = array_fill(0, 3, new Prepared);
            foreach (range(1, 6) as $_) {
                $tasks = array_values(array_filter(
                    [Task::PriceOff, Task::Cap, Task::Bag],
                    static fn (): bool => mt_rand(0, 1) === 1,
                ));
                $loose = $loose->plus(Prepared::all(mt_rand(1, 4), $tasks));
            }
            $whole = $loose;
            foreach (range(1, 12) as $_) {
                $box = mt_rand(0, 2);
                if (mt_rand(0, 1) === 1) {
                    $taken = $loose->best(mt_rand(0, 5));
                    [$loose, $boxes[$box]] = [$loose->minus($taken), $boxes[$box]->plus($taken)];
                } else {
                    $stays = $boxes[$box]->best(mt_rand(0, 5));
                    [$loose, $boxes[$box]] = [$loose->plus($boxes[$box]->minus($stays)), $stays];
                }
            }

            self::assertEquals($whole, array_reduce(
                $boxes,
                static fn (Prepared $sum, Prepared $box): Prepared => $sum->plus($box),
                $loose,
            ));
        }
    }

    public function test_what_was_done_to_some_is_still_open_and_told(): void
    {
        $work = new Preparation([Task::PriceOff, Task::Cap], Prepared::all(3, [Task::Cap])->with(Task::PriceOff, 4), 4);

        self::assertSame([[Task::PriceOff], [Task::Cap]], [$work->done, $work->open()]);
        self::assertSame([null, 3], [$work->someOf(Task::PriceOff), $work->someOf(Task::Cap)]);
    }

    public function test_a_packer_adds_work_and_leaves_some_off(): void
    {
        $usual = [Task::PriceOff, Task::Bag];
        $choices = (new TaskChoices)->wanting(Task::Laminate)->without(Task::Bag);

        self::assertSame([Task::PriceOff, Task::Laminate], $choices->of($usual));
        self::assertSame([Task::PriceOff, Task::Laminate, Task::Bag], $choices->wanting(Task::Bag)->of($usual));
        self::assertSame([Task::PriceOff], $choices->without(Task::Laminate)->of($usual));
        self::assertSame($usual, (new TaskChoices)->of($usual));
    }
}
