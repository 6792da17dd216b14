<?php

declare(strict_types=1);

namespace Tests\Core\Box;

use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Box\StartingList;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Recipient\Gender;
use PluckyWren\Core\Recipient\Recipient;
use Tests\Core\Data;

final class StartingListTest extends TestCase
{
    public function test_what_is_proposed_for_the_youngest_raises_no_question_itself(): void
    {
        $list = new StartingList(Data::catalogue());
        $eldest = Plans::of(null);
        $youngest = new Plan(
            new Recipient(AgeBand::parse('2-3'), Gender::Girl),
            $eldest->guide,
            $eldest->boxKind,
            $eldest->funds,
            [],
        );

        self::assertSame('skipping-rope', $list->best(['skipping-rope', 'puzzle-large-pieces'], $eldest));
        self::assertSame('puzzle-large-pieces', $list->best(['skipping-rope', 'puzzle-large-pieces'], $youngest));
        // Where none will do, the first is named, as it was before.
        self::assertSame('skipping-rope', $list->best(['skipping-rope', 'marbles'], $youngest));
    }
}
