<?php

declare(strict_types=1);

namespace Tests\Core\Box;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Box\Bench\Lesson;
use PluckyWren\Core\Box\Bench\Lessons;
use PluckyWren\Core\Box\Bench\LidSeen;
use PluckyWren\Core\Fit\Verdict;

/** What a crew's own boxes teach about foretelling lids. */
final class LessonsTest extends TestCase
{
    public function test_it_counts_what_was_as_foretold(): void
    {
        $lessons = new Lessons([
            ...self::times(9, Verdict::Flat, Verdict::Flat), ...self::times(2, Verdict::Tight, Verdict::Snug),
        ]);

        self::assertSame([9, 11], [$lessons->asForetold(), $lessons->boxes()]);
        self::assertSame([], self::told($lessons));
    }

    /**
     * @param  list<LidSeen>  $seen
     * @param  list<string>  $told
     */
    #[DataProvider('boxes')]
    public function test_a_small_step_is_proposed_where_enough_boxes_say_the_same(
        array $seen,
        array $told,
        int $now = 50,
        int $lid = 80,
    ): void {
        self::assertSame($told, self::told(new Lessons($seen), $now, $lid));
    }

    /** @return iterable<string, array{0: list<LidSeen>, 1: list<string>, 2?: int, 3?: int}> */
    public static function boxes(): iterable
    {
        $easier = self::times(3, Verdict::Tight, Verdict::Snug);
        $harder = self::times(3, Verdict::Flat, Verdict::Open);
        yield 'plush gives more' => [$easier, ['squeeze plush 50 45 easier']];
        yield 'plush gives less' => [$harder, ['squeeze plush 50 55 harder']];
        yield 'two are too few' => [array_slice($easier, 1), []];
        yield 'one of four says otherwise' => [
            [...$easier, ...array_slice($harder, 2)], ['squeeze plush 50 45 easier'],
        ];
        yield 'two of five say otherwise' => [[...$easier, ...array_slice($harder, 1)], []];
        yield 'the last step that is allowed' => [$easier, ['squeeze plush 40 35 easier'], 40];
        yield 'no further: if anything, the lid gives more' => [$easier, ['lid card 80 90 easier'], 35];
        $hard = self::times(4, Verdict::Snug, Verdict::Flat, []);
        yield 'no soft thing explains it: the lid gives more' => [$hard, ['lid card 80 90 easier']];
        yield 'the lid as far as it goes' => [$hard, [], 50, 120];
    }

    public function test_what_was_seen_before_a_step_counts_no_more_for_it(): void
    {
        $lessons = new Lessons(self::times(3, Verdict::Tight, Verdict::Snug));
        $since = new DateTimeImmutable('2026-11-03');

        self::assertSame([], $lessons->proposed(['plush' => [45, 50]], [], ['squeeze.plush' => $since]));
        self::assertCount(1, $lessons->proposed(['plush' => [45, 50]], [], ['squeeze.towel' => $since]));
    }

    /** @return list<string> */
    private static function told(Lessons $lessons, int $now = 50, int $lid = 80): array
    {
        return array_map(
            static fn (Lesson $one): string => "{$one->what} {$one->id} {$one->now} {$one->then} "
                .($one->isEasier() ? 'easier' : 'harder'),
            $lessons->proposed(['plush' => [$now, 50]], ['card' => [$lid, 80]], []),
        );
    }

    /**
     * @param  list<string>  $soft
     * @return list<LidSeen>
     */
    private static function times(int $times, Verdict $foretold, Verdict $seen, array $soft = ['plush']): array
    {
        return array_fill(
            0, $times, new LidSeen($foretold, $seen, 'card', $soft, new DateTimeImmutable('2026-11-02')),
        );
    }
}
