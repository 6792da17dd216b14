<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send;

/** What a drive may ask for on a box's label, as far as we can fill it in. */
enum LabelField
{
    case Age;
    case Gender;
    case Code;
    case Gift;

    /** Read a guide's own words for it; null where they ask for something that the packer writes by hand. */
    public static function read(string $words): ?self
    {
        $words = mb_strtolower($words);

        return match (true) {
            preg_match('/\b(age|years)\b/u', $words) === 1 => self::Age,
            preg_match('/\b(girl|boy|gender)\b/u', $words) === 1 => self::Gender,
            preg_match('/\b(number|code)\b/u', $words) === 1 => self::Code,
            preg_match('/\bgift\b/u', $words) === 1 => self::Gift,
            default => null,
        };
    }
}
