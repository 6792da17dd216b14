<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Sizes;

/**
 * Reads what is printed in clothes as millimetres of body height; `docs/sizes.md` lists the tables with their sources.
 * A label comes in capitals, without dots, with `-` for every dash.
 */
final class ClothesLabel
{
    /** By a number on a label: from, to. */
    private const NUMBERS = [
        2 => [840, 910], 3 => [900, 990], 4 => [990, 1070], 5 => [1070, 1140], 6 => [1140, 1200], 7 => [1200, 1270],
        8 => [1270, 1330], 10 => [1330, 1420], 12 => [1420, 1520], 14 => [1520, 1600], 16 => [1600, 1680],
        18 => [1680, 1740], 20 => [1720, 1800],
    ];

    /** Two numbers with a slash, where makers print them together otherwise than one by one. */
    private const PAIRS = [
        '10/12' => [1370, 1520], '12/14' => [1470, 1640], '14/16' => [1600, 1740], '16/18' => [1670, 1760],
        '18/20' => [1720, 1800],
    ];

    private const TODDLER = [
        1 => [740, 840], 2 => [840, 900], 3 => [900, 970], 4 => [970, 1040], 5 => [1040, 1110], 6 => [1100, 1170],
    ];

    private const LETTERS = [
        'XXS' => [980, 1050], 'XS' => [1050, 1140], 'S' => [1150, 1250], 'M' => [1260, 1370], 'L' => [1380, 1500],
        'XL' => [1510, 1630], 'XXL' => [1640, 1740],
    ];

    private const WOMEN = [
        'XXS' => [1500, 1580], 'XS' => [1550, 1640], 'S' => [1600, 1680], 'M' => [1640, 1720], 'L' => [1680, 1760],
        'XL' => [1700, 1780], 'XXL' => [1720, 1800],
    ];

    private const MEN = [
        'XXS' => [1560, 1640], 'XS' => [1620, 1700], 'S' => [1660, 1740], 'M' => [1720, 1790], 'L' => [1770, 1850],
        'XL' => [1820, 1900], 'XXL' => [1840, 1930],
    ];

    private const ADULT_SMALL = [1600, 1700];

    /** Millimetres of height by months of age; the median of girls and boys, rounded (WHO). */
    private const MONTHS = [0 => 500, 3 => 605, 6 => 665, 9 => 710, 12 => 750, 18 => 815, 24 => 865, 36 => 955];

    /** Millimetres of height by centimetres of chest; EN 13402-3, girls and boys averaged. */
    private const CHEST = [
        49 => 800, 51 => 860, 53 => 920, 55 => 980, 56 => 1040, 58 => 1100, 60 => 1160, 62 => 1220, 65 => 1280,
        68 => 1340, 71 => 1400, 74 => 1460, 77 => 1520, 80 => 1580, 84 => 1640,
    ];

    /** One size more or less is so much, in millimetres. */
    private const ONE_SIZE = 60;

    private const YEARS = '(?:Y|YRS?|YEARS?)';

    /** A number from here on is a height in centimetres. */
    private const LEAST_HEIGHT = 50;

    /** What is said beside the size, and says nothing of it. */
    private const SAYS_NOTHING = '/\b(?:SIZES?|SZ|EUR?|GIRLS?|BOYS?|KIDS?|CHILD(?:REN)?S?|YOUTH|UNISEX|TODDLERS?|BABY'
        .'|SLIM|HUSKY|REGULAR|REG|PLUS|HEIGHT)\b\'?|\'S\b/';

    /** @return array{int, int}|null millimetres of body height, from and to; null where it cannot be read */
    public static function read(string $label): ?array
    {
        if (preg_match('/\b(?:RUNS|FITS|COMES UP) (SMALL|LARGE|BIG)\b/', $label, $runs) === 1) {
            $range = self::read(trim(str_replace($runs[0], '', $label), ' ,;()'));
            $by = $runs[1] === 'SMALL' ? -self::ONE_SIZE : self::ONE_SIZE;

            return $range === null ? null : [$range[0] + $by, $range[1] + $by];
        }
        if (preg_match('/^(?:MEASURED:? ?)?(\d{2})(?: ?CM)? (?:CM )?(?:CHEST|ROUND)$/', $label, $chest) === 1) {
            return self::chest((int) $chest[1]);
        }
        if (preg_match('/^(?:FITS )?(?:ABOUT|ABT|CA) (\d{2,3})(?:-(\d{2,3}))? ?CM$/', $label, $told) === 1) {
            return self::centimetres((int) $told[1], (int) ($told[2] ?? $told[1]));
        }
        // What stands in brackets says the same again: a height says it best, then whatever can be read.
        if (preg_match('/^(.*?)\s*\((.+)\)$/', $label, $both) === 1) {
            $inside = self::read(trim($both[2]));

            return $inside ?? self::read(trim($both[1]));
        }

        return self::adult($label) ?? self::child(trim((string) preg_replace(self::SAYS_NOTHING, '', $label), ' ,:'));
    }

    /** @return array{int, int}|null */
    private static function adult(string $label): ?array
    {
        $letter = '(XXS|XS|S|SMALL|M|MEDIUM|L|LARGE|XL|XXL|2XL)';
        if (preg_match("/^ADULTS? {$letter}$/", $label, $m) === 1) {
            $size = self::letter($m[1]);

            return $size === 'S' ? self::ADULT_SMALL : self::WOMEN[$size];
        }
        if (preg_match("/^(?:WOM[AE]N'?S?|LAD(?:Y|IES)'?|W) {$letter}$/", $label, $m) === 1) {
            return self::WOMEN[self::letter($m[1])];
        }

        return preg_match("/^(?:M[AE]N'?S?|GENTS?) {$letter}$/", $label, $m) === 1
            ? self::MEN[self::letter($m[1])]
            : null;
    }

    /** @return array{int, int}|null */
    private static function child(string $label): ?array
    {
        return self::toddler($label)
            ?? self::ofMonths($label)
            ?? self::letters($label)
            ?? self::ofHeight($label)
            ?? self::ofYears($label)
            ?? self::numbers($label);
    }

    /** @return array{int, int}|null */
    private static function toddler(string $label): ?array
    {
        return preg_match('/^(\d)T(?:[-\/](\d)T?)?$/', $label, $m) === 1
            ? self::between(self::TODDLER, (int) $m[1], (int) ($m[2] ?? $m[1]))
            : null;
    }

    /** @return array{int, int}|null */
    private static function ofMonths(string $label): ?array
    {
        $months = '(?:M|MO|MOS|MTHS?|MONTHS?)';
        if (preg_match("/^(\d{1,2}) ?M?(?:-|\/| TO )(\d{1,2}) ?{$months}$/", $label, $m) === 1) {
            return self::months((int) $m[1], (int) $m[2]);
        }

        // One alone reaches from three months before, over a year from six.
        return preg_match("/^(\d{1,2}) ?{$months}$/", $label, $m) === 1
            ? self::months(max(0, (int) $m[1] - ((int) $m[1] > 12 ? 6 : 3)), (int) $m[1])
            : null;
    }

    /** @return array{int, int}|null */
    private static function letters(string $label): ?array
    {
        $letters = '(XXS|XS|S|M|L|XL|XXL)';
        if (preg_match("/^Y?{$letters}(?:[-\/]{$letters})?$/", $label, $m) === 1) {
            return self::between(self::LETTERS, $m[1], $m[2] ?? $m[1]);
        }
        if (preg_match('/^(EXTRA SMALL|SMALL|MEDIUM|LARGE|EXTRA LARGE)$/', $label, $m) === 1) {
            return self::LETTERS[self::letter($m[1])];
        }

        // A number behind the letter tells more than the letter.
        return preg_match("/^{$letters} (\d.*)$/", $label, $m) === 1 ? self::child($m[2]) : null;
    }

    /** @return array{int, int}|null of body height, years behind it or not */
    private static function ofHeight(string $label): ?array
    {
        $pattern = '/^(\d{2,3})(?:[-\/](\d{2,3}))?(?: ?CM)?(?: ?\/? ?\d{1,2}(?:-\d{1,2})? ?'.self::YEARS.')?$/';

        return preg_match($pattern, $label, $m) === 1 && (int) $m[1] >= self::LEAST_HEIGHT
            ? self::centimetres((int) $m[1], (int) (($m[2] ?? '') === '' ? $m[1] : $m[2]))
            : null;
    }

    /** @return array{int, int}|null */
    private static function ofYears(string $label): ?array
    {
        $years = self::YEARS;
        if (
            preg_match("/^(?:AGED? )?(\d{1,2})(?:-| TO )(\d{1,2})(?: ?{$years})?$/", $label, $m) === 1
                || preg_match("/^(\d{1,2})\/(\d{1,2}) ?{$years}$/", $label, $m) === 1
        ) {
            return self::years((int) $m[1], (int) $m[2]);
        }
        if (preg_match("/^AGED? (\d{1,2})$|^(\d{1,2}) ?{$years}$/", $label, $m) !== 1) {
            return null;
        }
        $age = (int) max($m[1], $m[2] ?? 0);

        return self::years($age, $age + 1);
    }

    /** @return array{int, int}|null */
    private static function numbers(string $label): ?array
    {
        if (preg_match('/^(\d{1,2})\/(\d{1,2})[RSH]?$/', $label, $m) === 1) {
            return self::PAIRS["{$m[1]}/{$m[2]}"] ?? self::between(self::NUMBERS, (int) $m[1], (int) $m[2]);
        }
        if (preg_match('/^(\d{1,2})X$/', $label, $m) === 1) {
            return self::between(self::NUMBERS, (int) $m[1], (int) $m[1] + 1);
        }

        return preg_match('/^(\d{1,2})[RSH+]?$/', $label, $m) === 1 ? self::NUMBERS[(int) $m[1]] ?? null : null;
    }

    private static function letter(string $word): string
    {
        return match ($word) {
            'SMALL' => 'S',
            'MEDIUM' => 'M',
            'LARGE' => 'L',
            'EXTRA SMALL' => 'XS',
            'EXTRA LARGE' => 'XL',
            '2XL' => 'XXL',
            default => $word,
        };
    }

    /**
     * @param  array<array-key, array{int, int}>  $table
     * @return array{int, int}|null from the beginning of one to the end of the other
     */
    private static function between(array $table, int|string $from, int|string $to): ?array
    {
        $range = isset($table[$from], $table[$to]) ? [$table[$from][0], $table[$to][1]] : null;

        return $range !== null && $range[0] < $range[1] ? $range : null;
    }

    /** @return array{int, int}|null */
    private static function centimetres(int $from, int $to): ?array
    {
        // A label of one height is for a child from six centimetres below it.
        return $to < $from || $to > 200 ? null : [$from === $to ? $from * 10 - 60 : $from * 10 - 30, $to * 10];
    }

    /** @return array{int, int}|null up to the height of a tall child at the later one */
    private static function years(int $from, int $to): ?array
    {
        return $from < 1 || $to < $from || $to > Growth::OLDEST
            ? null
            : [Growth::at($from, false) - 25, Growth::at($to, false)];
    }

    /** @return array{int, int}|null */
    private static function months(int $from, int $to): ?array
    {
        return $to <= $from || $to > 36 ? null : [self::along(self::MONTHS, $from), self::along(self::MONTHS, $to)];
    }

    /** @return array{int, int}|null */
    private static function chest(int $cm): ?array
    {
        if ($cm < array_key_first(self::CHEST) || $cm > array_key_last(self::CHEST)) {
            return null;
        }
        $height = self::along(self::CHEST, $cm);

        return [$height - self::ONE_SIZE, $height];
    }

    /**
     * A value of a table, or between two of it.
     *
     * @param  non-empty-array<int, int>  $table  by rising keys
     */
    private static function along(array $table, int $at): int
    {
        $below = array_key_first($table);
        foreach ($table as $key => $value) {
            if ($key >= $at) {
                return $key === $below
                    ? $value
                    : (int) round($table[$below] + ($value - $table[$below]) * ($at - $below) / ($key - $below));
            }
            $below = $key;
        }

        return $table[$below];
    }
}
