<?php

declare(strict_types=1);

namespace App\Csv;

use App\Words\Words;
use ArrayObject;
use Carbon\CarbonImmutable;
use PluckyWren\Core\CoreException;
use PluckyWren\Core\Measure\Length;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;

/**
 * One row of a file of lots, read cell by cell; whatever is wrong with it is collected, so that all of it is told at
 * once.
 */
final class LotRow
{
    /** @var list<string> */
    private array $wrong = [];

    /**
     * @param  array<string, string>  $cells  by the column's name
     * @param  ArrayObject<string, mixed>  $known  what was read of other rows' cells, as the same prices, sides and
     *     days come again and again
     */
    public function __construct(
        private readonly array $cells,
        private readonly Currency $currency,
        private readonly CarbonImmutable $today,
        private readonly ArrayObject $known,
    ) {}

    /** @return list<string> what is wrong with it, in words */
    public function wrong(): array
    {
        return $this->wrong;
    }

    /** @param array<string, string|int> $with */
    public function refuse(string $words, array $with = []): void
    {
        $this->wrong[] = Words::of($words, $with);
    }

    public function text(string $column): string
    {
        return $this->cells[$column];
    }

    public function textOrNull(string $column): ?string
    {
        return $this->cells[$column] === '' ? null : $this->cells[$column];
    }

    /** Get the beginning of a cell, short enough to be repeated in a sentence. */
    public function short(string $column, int $most): string
    {
        return mb_strimwidth($this->cells[$column], 0, $most, '…');
    }

    /** @param array<string, int> $limits characters by column */
    public function limit(array $limits): void
    {
        foreach ($limits as $column => $most) {
            if (mb_strlen($this->cells[$column]) > $most) {
                $this->wrong[] = ucfirst($column).': '.lcfirst(Words::of('stash.errors.max', ['max' => $most]));
            }
        }
    }

    public function isYes(string $column): bool
    {
        return in_array(mb_strtolower($this->cells[$column]), ['yes', 'true', '1', 'x'], true);
    }

    public function money(string $column): ?Money
    {
        return $this->cells[$column] === ''
            ? null
            : $this->attempt(
                fn (): Money => $this->once(
                    'money',
                    $column,
                    fn (string $text): Money => Money::parse($text, $this->currency),
                ),
            );
    }

    /** @return int|null tenths of a millimetre; null where nothing stands there, or nothing that is a length */
    public function tenths(string $column): ?int
    {
        return $this->cells[$column] === ''
            ? null
            : $this->attempt(
                fn (): int => $this->once(
                    'length',
                    $column,
                    static fn (string $text): int => Length::parse($text)->tenths,
                ),
            );
    }

    public function number(string $column, int $least, int $most): ?int
    {
        $text = $this->cells[$column];
        if ($text === '') {
            return null;
        }
        if (preg_match('/^\d{1,6}$/', $text) !== 1 || (int) $text > $most || (int) $text < $least) {
            $this->refuse('import.number', ['column' => $column, 'most' => $most]);
        }

        return (int) $text;
    }

    /** Reads `2026-08-12`, `12.08.2026` and `12/08/2026`, the day before the month where it is not clear. */
    public function day(string $column, bool $isPast = false): ?CarbonImmutable
    {
        if ($this->cells[$column] === '') {
            return null;
        }
        $day = $this->once('day', $column, self::calendarDay(...));
        if ($day === null || ($isPast && ($day > $this->today || $day->year < 2000))) {
            $this->refuse('import.date', ['date' => $this->short($column, 20)]);
        }

        return $day;
    }

    /**
     * @template T
     *
     * @param  callable(): T  $read
     * @return T|null
     */
    public function attempt(callable $read): mixed
    {
        try {
            return $read();
        } catch (CoreException $why) {
            $this->wrong[] = $why->getMessage();

            return null;
        }
    }

    /**
     * @template T
     *
     * @param  callable(string): T  $read
     * @return T
     */
    private function once(string $as, string $column, callable $read): mixed
    {
        $text = $this->cells[$column];
        if (! isset($this->known["{$as}|{$text}"])) {
            $this->known["{$as}|{$text}"] = $read($text);
        }

        /** @var T */
        return $this->known["{$as}|{$text}"];
    }

    private static function calendarDay(string $text): ?CarbonImmutable
    {
        if (preg_match('~^(\d{4})-(\d{1,2})-(\d{1,2})$~', $text, $m) === 1) {
            [$year, $month, $day] = [(int) $m[1], (int) $m[2], (int) $m[3]];
        } elseif (preg_match('~^(\d{1,2})[./](\d{1,2})[./](\d{4})$~', $text, $m) === 1) {
            [$day, $month, $year] = [(int) $m[1], (int) $m[2], (int) $m[3]];
        } else {
            return null;
        }

        return checkdate($month, $day, $year) ? CarbonImmutable::create($year, $month, $day) : null;
    }
}
