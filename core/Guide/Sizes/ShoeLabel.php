<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Sizes;

use PluckyWren\Core\Recipient\AgeBand;

/**
 * Reads what is printed in shoes and socks as millimetres of the foot; `docs/sizes.md` lists the systems with their
 * sources. A label comes in capitals, without dots, with `-` for every dash.
 */
final class ShoeLabel
{
    /** What a last is longer than the foot, in millimetres. */
    private const ROOM_IN_SHOE = 15;

    private const MM_PER_INCH = 25.4;

    /** A British child's size 0 is four inches, each size a third of one; after 13 it begins again at 1. */
    private const BEGINS_AGAIN = 13;

    private const HALF = '(\d{1,2}(?:,5)?)';

    /** Two thirds of a centimetre, in millimetres. */
    private const PARIS_POINT = 20 / 3;

    /** Patterns in which {n} is a size, and what it is more than the same British child's size. */
    private const COUNTED_ON = [
        ['/^UK ?ADULTS? ?{n}$|^UK ?{n} ?ADULTS?$/', 13.0],
        ["/^(?:US )?W(?:OMEN'?S?)? ?{n}$/", 10.5],
        ["/^(?:US )?M(?:EN'?S?)? ?{n}$/", 12.0],
        ['/^(?:US ?)?{n} ?(?:Y|YOUTH)$|^(?:US )?YOUTH {n}$/', 12.0],
        ['/^(?:US ?)?{n} ?(?:C|T|TODDLER|CHILD|INFANT)$|^(?:US )?(?:TODDLER|CHILD|INFANT) {n}$/', -1.0],
    ];

    /**
     * @param  AgeBand|null  $band  for whom it is, where that is known: sizes that begin again after 13 are read so
     * @return array{int, int}|null millimetres of the foot, from and to; null where it cannot be read
     */
    public static function read(string $label, ?AgeBand $band): ?array
    {
        $label = trim((string) preg_replace('/\b(?:SHOES?|SOCKS?|SIZES?|SZ|GIRLS?|BOYS?|KIDS?|UNISEX)\b/', '', $label));
        $label = trim((string) preg_replace('/\s+/', ' ', $label), ' ,:');
        if (preg_match('/^(.*?)\s*\((.+)\)$/', $label, $both) === 1) {
            return self::read(trim($both[2]), $band) ?? self::read(trim($both[1]), $band);
        }
        $pair = '/^(?<system>[A-Z ]*?) ?'.self::HALF.'[CY]? ?[-\/] ?(?<to>\d{1,2}(?:,5)?)'
            .'(?<after>| ?[CY]| TODDLER| YOUTH)$/';
        if (preg_match($pair, $label, $m) === 1) {
            return self::between(trim($m['system']), $m[2], $m['to'], $m['after'], $band);
        }
        $last = self::last($label, $band);
        $foot = (int) round($last ?? 0.0) - self::ROOM_IN_SHOE;

        return $last === null || $foot < 80 || $foot > 320 ? null : [$foot, $foot];
    }

    /** @return array{int, int}|null */
    private static function between(string $system, string $from, string $to, string $after, ?AgeBand $band): ?array
    {
        // 13/1 goes on after thirteen with the larger sizes.
        $isOver = self::number($to) < self::number($from);
        $one = self::read(trim("{$system} {$from}").($isOver ? 'C' : $after), $isOver ? null : $band);
        $other = self::read(trim("{$system} {$to}").($isOver ? 'Y' : $after), $isOver ? null : $band);

        return $one === null || $other === null || $other[0] <= $one[0] ? null : [$one[0], $other[0]];
    }

    /** How long the last is, in millimetres. */
    private static function last(string $label, ?AgeBand $band): ?float
    {
        $half = self::HALF;
        if (
            preg_match('/^(?:JP |FOOT )?(\d{2}(?:,\d)?) ?CM$/', $label, $m) === 1
                || preg_match('/^JP (\d{2}(?:,5)?)$/', $label, $m) === 1
        ) {
            return self::number($m[1]) * 10 + self::ROOM_IN_SHOE;
        }
        if (preg_match('/^(\d{3}) ?MM$/', $label, $m) === 1) {
            return (float) $m[1] + self::ROOM_IN_SHOE;
        }
        if (preg_match('/^(?:EUR?|FR) ?(\d\d(?:,5)?)$|^(1[6-9](?:,5)?|[2-4]\d(?:,5)?)$/', $label, $m) === 1) {
            return self::number(max($m[1], $m[2] ?? '')) * self::PARIS_POINT;
        }
        foreach (self::COUNTED_ON as [$pattern, $more]) {
            if (preg_match(str_replace('{n}', $half, $pattern), $label, $m) === 1) {
                return self::british(self::number(max($m[1], $m[2] ?? '')) + $more);
            }
        }
        if (preg_match("/^UK ?(CHILD|INFANT|JUNIOR)? ?{$half}(C?)(?: ?(CHILD|INFANT))?$/", $label, $m) === 1) {
            $isChilds = $m[1].$m[3].($m[4] ?? '') !== '' && $m[1] !== 'JUNIOR';

            return self::british(self::goneOn(self::number($m[2]), 0, $isChilds ? null : $band));
        }

        return preg_match("/^US ?{$half}$/", $label, $m) === 1
            ? self::british(self::goneOn(self::number($m[1]), -1, $band))
            : null;
    }

    private static function number(string $text): float
    {
        return (float) strtr($text, ',', '.');
    }

    /**
     * A size that may be a small child's or, begun again after 13, a larger one's: the one that is nearer the feet of
     * those for whom it is.
     *
     * @param  int  $shift  what has to be added to come to British sizes
     */
    private static function goneOn(float $size, int $shift, ?AgeBand $band): float
    {
        $small = $size + $shift;
        $large = $small + self::BEGINS_AGAIN;
        if ($band === null) {
            return $small;
        }
        $wanted = Growth::at(intdiv($band->fromYears + $band->toYears + 1, 2), true) + self::ROOM_IN_SHOE;

        return abs(self::british($large) - $wanted) < abs(self::british($small) - $wanted) ? $large : $small;
    }

    /** The last of a British size, counted on from a child's 0: four inches, and a third of one for each. */
    private static function british(float $size): float
    {
        return (4 + $size / 3) * self::MM_PER_INCH;
    }
}
