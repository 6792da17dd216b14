<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Sizes;

/**
 * What a size label means in body height, or in foot length for shoes; labels disagree between makers, so this is a
 * guide to the eye.
 *
 * Sources: European heights are the label itself (EN 13402); shoes by the Paris point (2/3 cm) and the barleycorn (1/3
 * inch), the last 15 mm longer than the foot; numbers, toddler sizes, letters and ages from tables that many makers
 * print alike.
 */
final readonly class SizeLabel
{
    /** Millimetres of body height by a number on a label: from, to. */
    private const NUMBERS = [
        4 => [990, 1070],
        5 => [1070, 1140],
        6 => [1140, 1200],
        7 => [1200, 1270],
        8 => [1270, 1330],
        10 => [1330, 1420],
        12 => [1420, 1520],
        14 => [1520, 1600],
        16 => [1600, 1680],
    ];

    private const TODDLER = [2 => [840, 900], 3 => [900, 970], 4 => [970, 1040], 5 => [1040, 1110]];

    private const LETTERS = [
        'XS' => [1050, 1140],
        'S' => [1150, 1250],
        'M' => [1260, 1370],
        'L' => [1380, 1500],
        'XL' => [1510, 1630],
    ];

    private const ADULT_SMALL = [1600, 1700];

    /** What a last is longer than the foot, in millimetres. */
    private const ROOM_IN_SHOE = 15;

    /**
     * @param  int  $from  millimetres of body height, or of the foot
     * @param  int  $to  the same
     */
    private function __construct(public string $label, public int $from, public int $to, public bool $isFoot) {}

    /** Null where it cannot be read. */
    public static function read(string $label, bool $isShoe): ?self
    {
        $plain = mb_strtoupper(
            trim((string) preg_replace('/[\s.]+/u', ' ', strtr($label, ['–' => '-', '/' => '-', '—' => '-']))),
        );
        $range = $isShoe ? self::foot($plain) : self::height($plain);

        return $range === null ? null : new self(trim($label), $range[0], $range[1], $isShoe);
    }

    /** Millimetres in the middle of what it means. */
    public function middle(): int
    {
        return intdiv($this->from + $this->to, 2);
    }

    /** @return array{int, int}|null */
    private static function height(string $label): ?array
    {
        return match (true) {
            preg_match('/^ADULT (?:S|SMALL)$/', $label) === 1 => self::ADULT_SMALL,
            preg_match('/^(\d)T$/', $label, $m) === 1 => self::TODDLER[(int) $m[1]] ?? null,
            preg_match('/^(XS|S|M|L|XL)$/', $label, $m) === 1 => self::LETTERS[$m[1]],
            preg_match('/^(\d{2,3})(?:-(\d{2,3}))?(?: CM)?$/', $label, $m) === 1
                && (int) $m[1] >= 50 => self::centimetres((int) $m[1], (int) ($m[2] ?? $m[1])),
            preg_match(
                '/^(?:AGE )?(\d{1,2})-(\d{1,2})(?: ?(?:Y|YRS?|YEARS))?$/',
                $label,
                $m,
            ) === 1 => self::years((int) $m[1], (int) $m[2]),
            preg_match('/^(?:AGE )(\d{1,2})$|^(\d{1,2}) ?(?:Y|YRS?|YEARS)$/', $label, $m) === 1 => self::years(
                (int) max($m[1], $m[2] ?? 0),
                (int) max($m[1], $m[2] ?? 0) + 1,
            ),
            preg_match('/^(?:SIZE )?(\d{1,2})$/', $label, $m) === 1 => self::NUMBERS[(int) $m[1]] ?? null,
            default => null,
        };
    }

    /** @return array{int, int}|null */
    private static function foot(string $label): ?array
    {
        if (preg_match('/^(?:EU ?)?(\d\d)-(\d\d)$/', $label, $m) === 1) {
            [$from, $to] = [self::foot($m[1]), self::foot($m[2])];

            return $from === null || $to === null || $to[0] < $from[0] ? null : [$from[0], $to[0]];
        }
        $last = match (true) {
            preg_match('/^(?:EU ?)?(1[89]|2\d|3\d|4[0-4])$/', $label, $m) === 1 => (int) $m[1] * 20 / 3,
            // A child's size 0 is four inches, each size a third of one; after 13 it begins again at 1.
            preg_match('/^UK ?(?:CHILD ?)?(\d{1,2})$/', $label, $m) === 1 => self::barleycorns((int) $m[1], 4),
            preg_match('/^US ?(\d{1,2})C?$/', $label, $m) === 1 => self::barleycorns((int) $m[1] - 1, 4),
            preg_match('/^UK ?ADULT ?(\d)$/', $label, $m) === 1 => self::barleycorns((int) $m[1] + 13, 4),
            preg_match('/^US ?(\d)Y$/', $label, $m) === 1 => self::barleycorns((int) $m[1] + 12, 4),
            preg_match('/^(\d{3}) ?MM$/', $label, $m) === 1 => (float) $m[1] + self::ROOM_IN_SHOE,
            default => 0.0,
        };
        $foot = (int) round($last) - self::ROOM_IN_SHOE;

        return $last <= 0 || $foot < 80 || $foot > 300 ? null : [$foot, $foot];
    }

    /** @return array{int, int}|null */
    private static function centimetres(int $from, int $to): ?array
    {
        // A label of one height is for a child from six centimetres below it.
        return $to < $from || $to > 200 ? null : [$from === $to ? $from * 10 - 60 : $from * 10 - 30, $to * 10];
    }

    /**
     * @return array{
     *     int, int,
     * }|null what is sold for these birthdays: up to the height of a tall child at the later one
     */
    private static function years(int $from, int $to): ?array
    {
        return $from < 1 || $to < $from || $to > Growth::OLDEST
            ? null
            : [Growth::at($from, false) - 25, Growth::at($to, false)];
    }

    private static function barleycorns(int $size, int $inches): float
    {
        return ($inches + $size / 3) * 25.4;
    }
}
