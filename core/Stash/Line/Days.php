<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Line;

use DateTimeImmutable;
use PluckyWren\Core\Stash\Reading\Day;

/** Takes days out of a line: when a thing was got, and when it is to come. */
final readonly class Days
{
    private const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];

    private const MONTH = '(?:jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?'
        .'|sept?(?:ember)?|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?)\.?';

    private const WEEKDAY = '(?:mon|tues|wednes|thurs|fri|satur|sun)day';

    private const COMES = '(?:ordered[,\s]+)?(?:due|arriv(?:es|ing)|comes|coming|expected)(?:\s+(?:on|by))?\s+';

    public function __construct(private DateTimeImmutable $today) {}

    /** @return string|null the day on which it is to come, like 2026-12-03 */
    public function due(Scan $scan): ?string
    {
        $found = $scan->take('\b'.self::COMES.'(?<day>'.self::day().')(?!\w)');

        return $found === null ? null : $this->read($found['groups']['day'], isPast: false);
    }

    /** @return string|null the day on which it was got */
    public function got(Scan $scan): ?string
    {
        $found = $scan->take('(?<![\w.,])(?:(?:bought|got)\s+)?(?:on\s+)?(?<day>'.self::day().')(?!\w)');

        return $found === null ? null : $this->read($found['groups']['day'], isPast: true);
    }

    private static function day(): string
    {
        $month = self::MONTH;

        return 'today|yesterday|tomorrow|(?:last\s+|next\s+)?'.self::WEEKDAY
            .'|\d{4}-\d{1,2}-\d{1,2}|\d{1,2}[./]\d{1,2}[./]\d{4}'
            ."|\d{1,2}(?:st|nd|rd|th)?\s+(?:of\s+)?{$month}(?:\s+\d{4})?"
            ."|{$month}\s+\d{1,2}(?:st|nd|rd|th)?(?:,?\s+\d{4})?(?![.,]?\d)";
    }

    /** What cannot be a day comes back as it was typed, for the lot's reader to refuse. */
    private function read(string $text, bool $isPast): string
    {
        $said = mb_strtolower($text);
        $day = Day::read($said) ?? match (true) {
            $said === 'today' => $this->today,
            $said === 'yesterday' => $this->today->modify('-1 day'),
            $said === 'tomorrow' => $this->today->modify('+1 day'),
            str_ends_with($said, 'day') => $this->weekday(
                (string) preg_replace('/^(?:last|next)\s+/', '', $said),
                $isPast,
            ),
            default => $this->dayOfMonth($said, $isPast),
        };

        return $day === null ? $text : $day->format('Y-m-d');
    }

    /** The last one that is past, or the next one that is not today. */
    private function weekday(string $name, bool $isPast): DateTimeImmutable
    {
        return $this->today->modify(($isPast ? 'last ' : 'next ').$name);
    }

    private function dayOfMonth(string $said, bool $isPast): ?DateTimeImmutable
    {
        preg_match('/\b(\d{1,2})(?:\D|$)/', $said, $day);
        preg_match('/\b[a-z]{3,}/', (string) preg_replace('/\d+(?:st|nd|rd|th)|\bof\b/', '', $said), $name);
        preg_match('/\b\d{4}\b/', $said, $year);
        $month = 1 + (int) array_search(substr($name[0] ?? '', 0, 3), self::MONTHS, true);
        $dayOfMonth = (int) ($day[1] ?? '0');
        $years = isset($year[0]) ? [(int) $year[0]] : self::yearsFrom((int) $this->today->format('Y'), $isPast);
        foreach ($years as $one) {
            if (! checkdate($month, $dayOfMonth, $one)) {
                continue;
            }
            $found = $this->today->setDate($one, $month, $dayOfMonth);
            if (isset($year[0]) || ($isPast ? $found <= $this->today : $found >= $this->today)) {
                return $found;
            }
        }

        return null;
    }

    /** @return list<int> this year and those after it, or before */
    private static function yearsFrom(int $year, bool $isPast): array
    {
        $step = $isPast ? -1 : 1;

        return [$year, $year + $step, $year + 2 * $step, $year + 3 * $step, $year + 4 * $step];
    }
}
