<?php

declare(strict_types=1);

namespace Simulated\Tracking;

use DateTimeImmutable;

/**
 * What the made-up drive's service tells of a docket: always the same for the same number, and more of it as time goes
 * by. Nothing is kept: it is all in the number and in the moment of the hand-in.
 *
 * Some endings make trouble, so that whoever asks can be tried: 96 tells every other time an older story, 97 is slow,
 * 98 cannot answer, 99 answers nonsense; 404 is unknown here.
 */
final readonly class Story
{
    private const COUNTRIES = ['KE', 'MG', 'PE', 'MD', 'KG', 'PH', 'GT', 'TG', 'AL', 'NP', 'FJ', 'UG', 'RW', 'HN'];

    private const TAKEN_OUT = ['a bag of sweets', 'a tube of paste', 'a bottle of soap bubbles', 'a small mirror'];

    private const TOPPED_UP = ['a pair of socks', 'a bar of soap', 'two pencils', 'a knitted hat'];

    /** @param int $speed how many seconds of the story pass in one */
    public function __construct(private int $speed = 1) {}

    /** @return array{docket: string, events: list<array<string, string|list<string>>>} */
    public function of(string $docket, DateTimeImmutable $handedIn, DateTimeImmutable $now): array
    {
        $events = [];
        foreach ($this->all($docket) as [$after, $event]) {
            // Told in the days of whoever listens: a story that is told in minutes happens within today.
            $at = $handedIn->modify('+'.intdiv($after, $this->speed).' seconds');
            if ($at <= $now) {
                $events[] = ['stage' => $event['stage'], 'day' => $at->format('Y-m-d'), ...$event];
            }
        }
        $isOlder = str_ends_with($docket, '96') && $now->getTimestamp() % 2 === 1;

        return ['docket' => $docket, 'events' => $isOlder ? array_slice($events, 0, -1) : $events];
    }

    /**
     * @return list<array{int, array{stage: string, takenOut?: list<string>, toppedUp?: list<string>, country?:
     *      string}}> after how many seconds, and what
     */
    private function all(string $docket): array
    {
        $day = 86_400;
        $checked = ['stage' => 'checked'];
        if (self::dice($docket, 'out', 6) === 0) {
            $checked['takenOut'] = [self::TAKEN_OUT[self::dice($docket, 'what', count(self::TAKEN_OUT))]];
        }
        if (self::dice($docket, 'up', 4) === 0) {
            $checked['toppedUp'] = [self::TOPPED_UP[self::dice($docket, 'with', count(self::TOPPED_UP))]];
        }
        $received = self::dice($docket, 'received', $day);
        $wasChecked = $received + (3 + self::dice($docket, 'checked', 8)) * $day;
        $loaded = $wasChecked + (6 + self::dice($docket, 'loaded', 12)) * $day;
        $cleared = $loaded + (25 + self::dice($docket, 'cleared', 30)) * $day;
        $givenOut = $cleared + (8 + self::dice($docket, 'given', 40)) * $day;

        return [
            [$received, ['stage' => 'received']],
            [$wasChecked, $checked],
            [$loaded, ['stage' => 'loaded']],
            [$cleared, ['stage' => 'cleared']],
            [$givenOut, [
                'stage' => 'given-out',
                'country' => self::COUNTRIES[self::dice($docket, 'where', count(self::COUNTRIES))],
            ]],
        ];
    }

    /** A number below a limit that falls the same for the same docket and question. */
    private static function dice(string $docket, string $question, int $limit): int
    {
        return hexdec(substr(hash('sha256', "{$question} {$docket}"), 0, 8)) % $limit;
    }
}
