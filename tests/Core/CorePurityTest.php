<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use ReflectionClass;
use SplFileInfo;

/** The core knows the job and nothing else: no framework, no clock, no chance, no outside world. */
final class CorePurityTest extends TestCase
{
    /** Which rooms each room may call: always down this list, never up. */
    private const ROOMS = [
        'Text' => [],
        'Measure' => ['Text'],
        'Money' => ['Text'],
        'Recipient' => [],
        'Csv' => [],
        'Colour' => [],
        'Fit' => ['Measure'],
        'Stash' => ['Text', 'Measure', 'Money', 'Recipient', 'Colour', 'Fit'],
        'Guide' => ['Measure', 'Money', 'Recipient', 'Fit', 'Stash'],
        'Season' => ['Money', 'Stash', 'Guide'],
        'Theme' => ['Colour', 'Stash'],
        'Box' => ['Measure', 'Money', 'Recipient', 'Colour', 'Stash', 'Guide', 'Fit'],
        'Send' => ['Measure', 'Money', 'Colour', 'Stash', 'Guide', 'Box'],
        'Choose' => ['Recipient', 'Money'],
        'Practice' => ['Money', 'Recipient', 'Stash', 'Guide', 'Box', 'Fit'],
    ];

    /** Which rooms of the fit engine each of them may call; the solver is asked through its face alone. */
    private const ROOMS_OF_FIT = [
        'Geometry' => [],
        'Files' => [],
        'Check' => ['Geometry'],
        'Solve' => ['Geometry'],
        'Drawing' => ['Geometry'],
        'Moves' => ['Geometry'],
        'Answer' => ['Geometry'],
    ];

    #[DataProvider('files')]
    public function test_it_imports_nothing_but_itself_and_exact_arithmetic(string $path): void
    {
        preg_match_all('/^use (?:function |const )?([\w\\\\]+)/m', (string) file_get_contents($path), $imports);
        $strangers = array_filter(
            $imports[1],
            static fn (string $class): bool => str_contains($class, '\\')
                && preg_match('/^(PluckyWren\\\\Core|Brick\\\\Math)\\\\/', $class) !== 1,
        );

        self::assertSame([], array_values($strangers));
    }

    #[DataProvider('files')]
    public function test_it_asks_no_clock_no_chance_and_no_outside_world(string $path): void
    {
        $outside = '/(?<![>:\w])(time|microtime|hrtime|date|now|rand|mt_rand'
            .'|random_int|random_bytes|uniqid|shuffle|array_rand'
            .'|file_get_contents|file_put_contents|fopen|getenv|env|config|resolve|app|echo|print|sleep|usleep)\s*\('
            .'|new DateTimeImmutable\(\)|\$GLOBALS|\$_(GET|POST|SERVER|ENV)|\\\\?Illuminate\\\\|Carbon/';

        self::assertDoesNotMatchRegularExpression($outside, self::withoutComments($path));
    }

    #[DataProvider('files')]
    public function test_its_rooms_call_one_another_in_one_direction(string $path): void
    {
        preg_match('~/core/(\w+)/~', $path, $room);
        preg_match_all('/^use PluckyWren\\\\Core\\\\(\w+)\\\\/m', (string) file_get_contents($path), $called);
        $allowed = isset($room[1]) ? [$room[1], ...self::ROOMS[$room[1]]] : [];

        self::assertSame([], array_values(array_diff(array_unique($called[1]), $allowed)));
    }

    /** @return iterable<string, array{string}> */
    public static function files(): iterable
    {
        $root = dirname(__DIR__, 2).'/core';
        /** @var SplFileInfo $file */
        foreach (
            new RecursiveIteratorIterator(
                new RecursiveDirectoryIterator($root, RecursiveDirectoryIterator::SKIP_DOTS),
            ) as $file
        ) {
            yield substr($file->getPathname(), strlen($root) + 1) => [$file->getPathname()];
        }
    }

    #[DataProvider('files')]
    public function test_rooms_of_the_fit_engine_know_only_what_they_stand_on(string $path): void
    {
        // What lies in no room is shared by all of them, and stands on the geometry alone.
        $room = preg_match('#/core/Fit/(\w+)/#', $path, $found) === 1 ? $found[1] : 'Geometry';
        preg_match_all('/\bPluckyWren\\\\Core\\\\Fit\\\\(\w+)\\\\/', self::withoutComments($path), $called);
        $isOfFit = str_contains($path, '/core/Fit/');
        $strangers = $isOfFit ? array_diff($called[1], [$room], self::ROOMS_OF_FIT[$room]) : [];

        self::assertSame([], array_values(array_unique($strangers)));
    }

    /**
     * A value of many fields is made of a few small ones, which can be understood and tested by themselves.
     *
     * @param  class-string  $class
     */
    #[DataProvider('values')]
    public function test_a_value_of_the_job_has_no_more_than_seven_parts(string $class): void
    {
        $parts = (new ReflectionClass($class))->getConstructor()?->getNumberOfParameters() ?? 0;

        self::assertLessThanOrEqual(7, $parts);
    }

    /** @return iterable<string, array{class-string}> */
    public static function values(): iterable
    {
        foreach (self::files() as $name => [$path]) {
            $class = 'PluckyWren\\Core\\'.str_replace(['.php', '/'], ['', '\\'], $name);
            if (preg_match('#^(Box|Stash|Guide)/#', $name) === 1 && class_exists($class)) {
                yield $name => [$class];
            }
        }
    }

    private static function withoutComments(string $path): string
    {
        $tokens = token_get_all((string) file_get_contents($path));

        return implode(
            '',
            array_map(
                static fn (array|string $token): string => is_string($token)
                    ? $token
                    : (in_array($token[0], [T_COMMENT, T_DOC_COMMENT], true) ? '' : $token[1]),
                $tokens,
            ),
        );
    }
}
