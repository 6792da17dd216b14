<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send\Track;

use DateTimeImmutable;

/**
 * Reads what a drive's service tells of a docket, and what we kept of it. Nothing is believed that cannot be: another
 * docket's story, a day to come, a stage before the one that leads to it, a country that is none.
 *
 * @phpstan-type EventRow array{
 *     stage: string, day: string, takenOut?: list<string>, toppedUp?: list<string>, country?: string,
 * }
 */
final class TrackAnswer
{
    /** A longer answer is no story of a box. Bytes. */
    private const MOST_BYTES = 20_000;

    private const MOST_THINGS = 12;

    private const MOST_LETTERS = 60;

    /**
     * @param  DateTimeImmutable  $handedInOn  the day from which it can have a story
     * @param  DateTimeImmutable  $today  where the crew lives; the desk may be a day ahead
     *
     * @throws UnreadableAnswer
     */
    public static function read(
        string $json,
        Docket $docket,
        DateTimeImmutable $handedInOn,
        DateTimeImmutable $today,
    ): Track {
        $answer = strlen($json) > self::MOST_BYTES ? null : json_decode($json, true, 8);
        is_array($answer) || throw UnreadableAnswer::because('not-as-agreed');
        ($answer['docket'] ?? null) === $docket->text || throw UnreadableAnswer::because('another-docket');
        $rows = $answer['events'] ?? null;
        is_array($rows) && count($rows) <= count(TrackStage::cases())
            || throw UnreadableAnswer::because('no-story');
        $events = array_values(array_map(self::event(...), $rows));
        $before = $handedInOn->setTime(0, 0);
        foreach ($events as $place => $event) {
            $event->stage->place() === $place || throw UnreadableAnswer::because('out-of-order');
            $event->day >= $before || throw UnreadableAnswer::because('too-early');
            $event->day <= $today->modify('+1 day') || throw UnreadableAnswer::because('yet-to-come');
            $before = $event->day;
        }

        return new Track($events);
    }

    /**
     * As it is kept, which `kept()` reads.
     *
     * @return list<EventRow>
     */
    public static function rows(Track $track): array
    {
        return array_map(static fn (TrackEvent $event): array => [
            'stage' => $event->stage->value,
            'day' => $event->day->format('Y-m-d'),
            ...($event->takenOut === [] ? [] : ['takenOut' => $event->takenOut]),
            ...($event->toppedUp === [] ? [] : ['toppedUp' => $event->toppedUp]),
            ...($event->country === null ? [] : ['country' => $event->country]),
        ], $track->events);
    }

    /**
     * @param  array<mixed>  $rows
     *
     * @throws UnreadableAnswer
     */
    public static function kept(array $rows): Track
    {
        return new Track(array_values(array_map(self::event(...), $rows)));
    }

    /** @throws UnreadableAnswer */
    private static function event(mixed $row): TrackEvent
    {
        is_array($row) || throw UnreadableAnswer::because('step-not-as-agreed');
        $stage = TrackStage::tryFrom(is_string($row['stage'] ?? null) ? $row['stage'] : '')
            ?? throw UnreadableAnswer::because('no-such-step');
        $text = is_string($row['day'] ?? null) ? $row['day'] : '';
        $day = DateTimeImmutable::createFromFormat('!Y-m-d', $text);
        $day !== false && $day->format('Y-m-d') === $text || throw UnreadableAnswer::because('no-day');
        $country = $row['country'] ?? null;
        $stage === TrackStage::GivenOut
            ? is_string($country) && preg_match('/^[A-Z]{2}$/', $country) === 1
                || throw UnreadableAnswer::because('no-country')
            : $country = null;

        return new TrackEvent(
            $stage,
            $day,
            self::things($row['takenOut'] ?? []),
            self::things($row['toppedUp'] ?? []),
            $country,
        );
    }

    /**
     * @return list<string>
     *
     * @throws UnreadableAnswer
     */
    private static function things(mixed $things): array
    {
        is_array($things) && count($things) <= self::MOST_THINGS
            || throw UnreadableAnswer::because('no-list');

        return array_values(array_map(
            static fn (mixed $thing): string => is_string($thing) && mb_check_encoding($thing, 'UTF-8')
                && trim($thing) !== ''
                    ? mb_strimwidth((string) preg_replace('/\s+/u', ' ', trim($thing)), 0, self::MOST_LETTERS, '…')
                    : throw UnreadableAnswer::because('no-name'),
            $things,
        ));
    }
}
