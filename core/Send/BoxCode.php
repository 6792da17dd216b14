<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send;

/**
 * What is written on a box to know it by: its number in its crew and a letter that tells a slip of the pen.
 *
 * The letter is the digits, each weighed by its place, modulo 23. As 23 is prime and larger than a digit and than any
 * place, one wrong digit, and two that changed places, give another letter.
 */
final readonly class BoxCode
{
    /** Twenty-three letters, without those that a hand writes like a digit or like another: I, O and Q. */
    private const LETTERS = 'ABCDEFGHJKLMNPRSTUVWXYZ';

    private const MOST_DIGITS = 9;

    /** @param int $number from 1; the box's number in its crew */
    private function __construct(public int $number, public string $text) {}

    public static function of(int $number): self
    {
        $digits = str_pad((string) $number, 4, '0', STR_PAD_LEFT);

        return new self($number, $digits.'-'.self::letter($digits));
    }

    /**
     * Read a code as it is typed or scanned: in small letters too, with or without hyphen, blanks and leading zeros.
     *
     * @throws InvalidBoxCode If it is none, or its letter is another number's.
     */
    public static function parse(string $typed): self
    {
        $plain = strtoupper((string) preg_replace('/[\s\-‐–]+/u', '', $typed));
        $isRead = preg_match('/^0*([1-9][0-9]*)([A-Z])$/', $plain, $read) === 1
            && strlen($read[1]) <= self::MOST_DIGITS;
        if (! $isRead) {
            throw InvalidBoxCode::unreadable(trim($typed));
        }
        $code = self::of((int) $read[1]);

        return str_ends_with($code->text, $read[2]) ? $code : throw InvalidBoxCode::mistyped(trim($typed));
    }

    /** @param string $digits the last weighs 2, the one before 3, and so on, so that leading zeros weigh nothing */
    private static function letter(string $digits): string
    {
        $sum = 0;
        foreach (str_split(strrev($digits)) as $place => $digit) {
            $sum += ((int) $digit) * ($place + 2);
        }

        return self::LETTERS[$sum % strlen(self::LETTERS)];
    }
}
