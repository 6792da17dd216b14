<?php

declare(strict_types=1);

namespace Tests\Core\Send\Track;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Send\Track\AskAgain;
use PluckyWren\Core\Send\Track\Docket;
use PluckyWren\Core\Send\Track\InvalidDocket;
use PluckyWren\Core\Send\Track\Track;
use PluckyWren\Core\Send\Track\TrackAnswer;
use PluckyWren\Core\Send\Track\TrackEvent;
use PluckyWren\Core\Send\Track\TrackStage;
use PluckyWren\Core\Send\Track\UnreadableAnswer;

final class TrackAnswerTest extends TestCase
{
    private const GIVEN_OUT = [
        ['stage' => 'received', 'day' => '2026-12-12'],
        ['stage' => 'checked', 'day' => '2026-12-20', 'takenOut' => ["  a bag\n of sweets "], 'toppedUp' => ['socks']],
        ['stage' => 'loaded', 'day' => '2027-01-03'],
        ['stage' => 'cleared', 'day' => '2027-02-10'],
        ['stage' => 'given-out', 'day' => '2027-03-01', 'country' => 'KE'],
    ];

    public function test_a_whole_story_is_read_kept_and_read_again(): void
    {
        $track = self::read(self::GIVEN_OUT);

        self::assertTrue($track->isOver());
        self::assertSame('KE', $track->country());
        self::assertSame(['a bag of sweets'], $track->events[1]->takenOut);
        self::assertSame(['socks'], $track->events[1]->toppedUp);
        self::assertEquals($track, TrackAnswer::kept(TrackAnswer::rows($track)));
    }

    public function test_an_answer_that_comes_late_takes_nothing_away(): void
    {
        $known = self::read(array_slice(self::GIVEN_OUT, 0, 3));
        $late = self::read(array_slice(self::GIVEN_OUT, 0, 1));

        self::assertEquals($known, $known->with($late));
        self::assertEquals($known, (new Track)->with($late)->with($known));
        self::assertSame(TrackStage::Loaded, $known->with($late)->last()?->stage);
        self::assertNull((new Track)->country());
        self::assertFalse($known->isOver());
    }

    public function test_a_step_told_anew_is_as_it_was_told_last(): void
    {
        $moved = new Track([new TrackEvent(TrackStage::Received, new DateTimeImmutable('2026-12-13'))]);

        self::assertSame(
            '2026-12-13',
            self::read(array_slice(self::GIVEN_OUT, 0, 1))->with($moved)->last()?->day->format('Y-m-d'),
        );
    }

    #[DataProvider('nonsense')]
    public function test_nothing_is_believed_that_cannot_be(string $json, string $says): void
    {
        $this->expectException(UnreadableAnswer::class);
        $this->expectExceptionMessage($says);

        TrackAnswer::read(
            $json,
            Docket::parse('QH-204417'),
            new DateTimeImmutable('2026-12-11 15:00'),
            new DateTimeImmutable('2027-03-01'),
        );
    }

    /** @return iterable<string, array{string, string}> */
    public static function nonsense(): iterable
    {
        $with = static fn (array $events): string => (string) json_encode(
            ['docket' => 'QH-204417', 'events' => $events],
        );
        yield 'a page of a web server' => ['<html><body>Bad gateway', 'track.not-as-agreed'];
        yield 'nothing' => ['', 'track.not-as-agreed'];
        yield 'no end' => [str_repeat('[', 30_000), 'track.not-as-agreed'];
        yield 'another docket' => ['{"docket": "QH-204418", "events": []}', 'track.another-docket'];
        yield 'no events' => ['{"docket": "QH-204417"}', 'track.no-story'];
        yield 'too many' => [$with(array_fill(0, 6, self::GIVEN_OUT[0])), 'track.no-story'];
        yield 'a number' => [$with([7]), 'track.step-not-as-agreed'];
        yield 'no such step' => [
            $with([['stage' => 'lost at sea', 'day' => '2026-12-12']]), 'track.no-such-step',
        ];
        yield 'no such day' => [$with([['stage' => 'received', 'day' => '2026-02-31']]), 'track.no-day'];
        yield 'before it was handed in' => [$with([['stage' => 'received', 'day' => '2026-12-10']]), 'track.too-early'];
        yield 'yet to come' => [$with([['stage' => 'received', 'day' => '2027-03-03']]), 'track.yet-to-come'];
        yield 'a step left out' => [$with([self::GIVEN_OUT[0], self::GIVEN_OUT[2]]), 'track.out-of-order'];
        yield 'twice' => [$with([self::GIVEN_OUT[0], self::GIVEN_OUT[0]]), 'track.out-of-order'];
        yield 'backwards' => [
            $with([self::GIVEN_OUT[0], ['stage' => 'checked', 'day' => '2026-12-11']]),
            'track.too-early',
        ];
        yield 'no country' => [
            $with([...array_slice(self::GIVEN_OUT, 0, 4), ['stage' => 'given-out', 'day' => '2027-03-01']]),
            'track.no-country',
        ];
        yield 'things that are none' => [
            $with([['takenOut' => 'all'] + self::GIVEN_OUT[0]]), 'track.no-list',
        ];
        yield 'a thing without a name' => [$with([['takenOut' => [' ']] + self::GIVEN_OUT[0]]), 'track.no-name'];
    }

    public function test_a_desk_east_of_here_may_be_a_day_ahead(): void
    {
        self::assertCount(1, self::read([['stage' => 'received', 'day' => '2027-03-02']])->events);
    }

    public function test_dockets_are_read_as_they_are_typed(): void
    {
        foreach (['QH-204417', ' qh-204417', 'QH–20 4417'] as $typed) {
            self::assertSame('QH-204417', Docket::parse($typed)->text);
        }
        foreach (['', '123', '-1234', 'ABCD', 'QH_2044', str_repeat('1', 25), 'QH-2044é'] as $typed) {
            try {
                Docket::parse($typed);
                self::fail("“{$typed}” is taken for a docket number.");
            } catch (InvalidDocket $why) {
                self::assertStringStartsWith('docket.unreadable', $why->getMessage());
            }
        }
    }

    public function test_after_bad_answers_it_is_asked_ever_more_rarely(): void
    {
        $askAgain = new AskAgain(900);

        self::assertSame([900, 1800, 3600, 57600, 57600], array_map($askAgain->after(...), [0, 1, 2, 6, 50]));
    }

    /** @param list<array<string, mixed>> $events */
    private static function read(array $events): Track
    {
        return TrackAnswer::read(
            (string) json_encode(['docket' => 'QH-204417', 'events' => $events]),
            Docket::parse('QH-204417'),
            new DateTimeImmutable('2026-12-11 15:00'),
            new DateTimeImmutable('2027-03-01'),
        );
    }
}
