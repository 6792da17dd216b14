<?php

declare(strict_types=1);

namespace Tests\Core\Send;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Send\BoxCode;
use PluckyWren\Core\Send\InvalidBoxCode;

final class BoxCodeTest extends TestCase
{
    #[DataProvider('codes')]
    public function test_the_letter_is_of_the_digits_by_their_places(int $number, string $code): void
    {
        self::assertSame($code, BoxCode::of($number)->text);
    }

    /** @return iterable<string, array{int, string}> reckoned by hand */
    public static function codes(): iterable
    {
        yield '1 by 2 is 2' => [1, '0001-C'];
        yield '4 by 2 and 1 by 3 are 11' => [14, '0014-M'];
        yield '9 by 2, 3, 4 and 5 are 126, which leaves 11' => [9999, '9999-M'];
        yield '1 by 6 is 6, beyond four digits' => [10000, '10000-G'];
    }

    #[DataProvider('waysToType')]
    public function test_it_is_read_as_people_type_it(string $typed): void
    {
        self::assertSame(14, BoxCode::parse($typed)->number);
    }

    /** @return iterable<array{string}> */
    public static function waysToType(): iterable
    {
        yield from [['0014-M'], ['0014-m'], ['14m'], [' 14 M '], ['00014–M'], ['14‐m']];
    }

    #[DataProvider('noCodes')]
    public function test_what_is_none_is_refused_by_what_was_typed(string $typed, string $says): void
    {
        $this->expectException(InvalidBoxCode::class);
        $this->expectExceptionMessageMatches($says);

        BoxCode::parse($typed);
    }

    /** @return iterable<array{string, string}> */
    public static function noCodes(): iterable
    {
        yield ['', '/^code.unreadable/'];
        yield ['14', '/^code.unreadable \(text: 14\)/'];
        yield ['M14', '/^code.unreadable/'];
        yield ['0000-A', '/^code.unreadable/'];
        yield ['9999999999999999999-A', '/^code.unreadable/'];
        yield ['0014-I', '/^code.mistyped/'];
        yield ['0014-N', '/^code.mistyped \(text: 0014-N\)/'];
    }

    public function test_one_wrong_digit_and_two_that_changed_places_are_seen(): void
    {
        $tried = 0;
        foreach ([...range(1, 1300), ...range(9000, 9999, 7), 12345, 987654] as $number) {
            $text = BoxCode::of($number)->text;
            foreach (self::slips(substr($text, 0, -2)) as $wrong) {
                try {
                    $read = BoxCode::parse($wrong.substr($text, -2));
                    self::fail("{$wrong} for {$text} was read as {$read->number}.");
                } catch (InvalidBoxCode) {
                    $tried++;
                }
            }
        }
        self::assertGreaterThan(50_000, $tried);
    }

    /** @return iterable<string> */
    private static function slips(string $digits): iterable
    {
        foreach (str_split($digits) as $place => $digit) {
            foreach (array_diff(range(0, 9), [(int) $digit]) as $other) {
                yield substr_replace($digits, (string) $other, $place, 1);
            }
            $next = $digits[$place + 1] ?? $digit;
            if ($next !== $digit) {
                yield substr_replace($digits, $next.$digit, $place, 2);
            }
        }
    }
}
