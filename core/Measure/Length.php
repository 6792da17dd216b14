<?php

declare(strict_types=1);

namespace PluckyWren\Core\Measure;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use PluckyWren\Core\Text\Typed;

/** A length in whole tenths of a millimetre, read and written as people do at the table. */
final readonly class Length
{
    /** Two metres: longer than anything that could be bent into a gift box. */
    public const MOST_TENTHS = 20_000;

    private const MOST_CHARACTERS = 60;

    private const VULGAR = [
        '¼' => ' 1/4',
        '½' => ' 1/2',
        '¾' => ' 3/4',
        '⅛' => ' 1/8',
        '⅜' => ' 3/8',
        '⅝' => ' 5/8',
        '⅞' => ' 7/8',
        '⅓' => ' 1/3',
        '⅔' => ' 2/3',
    ];

    private const TIDY = ['″' => '"', '”' => '"', '“' => '"', "''" => '"'];

    /** @param positive-int $tenths */
    private function __construct(public int $tenths) {}

    /** @throws InvalidLength If the length is zero, below it, or over two metres. */
    public static function ofTenths(int $tenths): self
    {
        return match (true) {
            $tenths <= 0 => throw InvalidLength::notAboveZero(),
            $tenths > self::MOST_TENTHS => throw InvalidLength::tooLong(new self(self::MOST_TENTHS)),
            default => new self($tenths),
        };
    }

    /**
     * Reads `210`, `11.5cm`, `11,5 cm`, `4 1/2 in`, `4-1/2"` or `½ in`; a bare number is in $bare. Rounds half up to a
     * tenth.
     *
     * @throws InvalidLength If it cannot be read, is not above zero, or is over two metres.
     */
    public static function parse(string $text, Unit $bare = Unit::Millimetre): self
    {
        $tidy = mb_strlen($text) > self::MOST_CHARACTERS
            ? ''
            : strtr(Typed::figures(strtr(strtr($text, self::VULGAR), self::TIDY)), ['⁄' => '/', ',' => '.']);
        $number = '(?<minus>-)?\s*(?:'
            .'(?<whole>\d{1,6})(?:(?:\s+|\s*-\s*)(?<top>\d{1,3})\/(?<under>\d{1,3}))?'
            .'|(?<topOnly>\d{1,3})\/(?<underOnly>\d{1,3})'
            .'|(?<decimal>\d{0,6}\.\d{1,6}|\d{1,6}\.))';

        if (preg_match("~^{$number}\s*(?<unit>[a-z.\"]*)$~iu", $tidy, $m, PREG_UNMATCHED_AS_NULL) !== 1) {
            throw InvalidLength::unreadable($text);
        }
        $unit = $m['unit'] === '' ? $bare : Unit::ofSuffix($m['unit']);
        $top = (int) ($m['top'] ?? $m['topOnly'] ?? 0);
        $under = (int) ($m['under'] ?? $m['underOnly'] ?? 1);
        if ($unit === null || $under === 0) {
            throw InvalidLength::unreadable($text);
        }
        if ($m['minus'] !== null) {
            throw InvalidLength::notAboveZero();
        }
        $whole = BigRational::of(rtrim($m['decimal'] ?? $m['whole'] ?? '0', '.'));
        $tenths = $whole->plus(BigRational::nd($top, $under))->multipliedBy($unit->tenths());

        return self::ofTenths($tenths->toScale(0, RoundingMode::HALF_UP)->toInt());
    }

    /** The figure alone, in $unit: at most one decimal in millimetres, two in centimetres and inches. */
    public function in(Unit $unit): string
    {
        return $unit->figure($this->tenths);
    }

    /** As `in(Unit::Millimetre)`, for short. */
    public function inMm(): string
    {
        return $this->in(Unit::Millimetre);
    }

    /** Millimetres as a number for a file: whole where it is whole. */
    public function mm(): int|float
    {
        return $this->tenths % 10 === 0 ? intdiv($this->tenths, 10) : $this->tenths / 10;
    }
}
