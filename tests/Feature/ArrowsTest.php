<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/**
 * Which room of the application may call which, what stands where, and that controllers and pages only ask and show.
 */
final class ArrowsTest extends TestCase
{
    private const STATIONS = ['Crew', 'Gather', 'Guides', 'Pack', 'Plan', 'Send'];

    /** What each room of `app/` may call besides itself and the core. */
    private const ROOMS = [
        'Actions' => [
            'Crews', 'Csv', 'Editing', 'Fit', 'Mail', 'Models', 'Queries', 'Reference', 'Refusals', 'Support',
            'Tracking', 'Words',
        ],
        'Archive' => ['Models', 'Words'],
        'Calendar' => ['Words'],
        'Casts' => ['Crews', 'Reference'],
        'Console' => ['Actions', 'Crews', 'Database', 'Fit', 'Models', 'Reference', 'Words'],
        'Crews' => ['Models', 'Reference'],
        'Csv' => ['Models', 'Reference', 'Support', 'Words'],
        'Database' => [],
        'Editing' => ['Refusals'],
        'Fit' => ['Database', 'Models'],
        'Framework' => [],
        'Http' => [
            'Actions', 'Archive', 'Calendar', 'Crews', 'Csv', 'Database', 'Fit', 'Mail', 'Models', 'Pages', 'Print',
            'Reference', 'Refusals', 'Rules',
            'Session', 'Support', 'Words',
        ],
        'Mail' => ['Words'],
        'Models' => ['Casts', 'Crews', 'Database', 'Reference', 'Refusals', 'Support', 'Words'],
        'Pages' => ['Crews', 'Fit', 'Models', 'Queries', 'Reference', 'Support', 'Words'],
        'Policies' => ['Models'],
        'Print' => ['Models', 'Pages', 'Words'],
        'Providers' => [
            'Crews', 'Database', 'Framework', 'Mail', 'Models', 'Pages', 'Reference', 'Session', 'Support',
            'Tracking', 'Words',
        ],
        'Queries' => ['Models'],
        'Reference' => ['Crews', 'Models', 'Words'],
        'Refusals' => ['Words'],
        'Rules' => ['Words'],
        'Session' => [],
        'Support' => ['Crews', 'Models'],
        'Tracking' => [],
        'Words' => ['Crews', 'Models', 'Support'],
    ];

    /** What changes rows; that is done in Actions, and by the rooms that keep packings and histories. */
    private const WRITES = '/->(save|update|delete|forceFill|increment|decrement|push)\('
        .'|::(create|insert|upsert)\('
        .'|->(create|insert|insertOrIgnore|upsert|updateOrCreate|firstOrCreate)\(|\bDB::/';

    #[DataProvider('files')]
    public function test_a_room_calls_only_those_it_may(string $path): void
    {
        preg_match('~/app/(\w+)/~', $path, $room);
        preg_match_all('/\bApp\\\\(\w+)\\\\/', (string) file_get_contents($path), $called);
        $may = isset($room[1])
            ? [$room[1], ...self::ROOMS[$room[1]] ?? self::fail("{$room[1]} is a room that nobody has described.")]
            : [];

        self::assertSame([], array_values(array_diff(array_unique($called[1]), $may)));
    }

    #[DataProvider('files')]
    public function test_controllers_and_pages_change_no_rows(string $path): void
    {
        if (preg_match('~/app/(Http/Controllers|Pages)/~', $path) !== 1) {
            self::assertFileExists($path);

            return;
        }
        self::assertDoesNotMatchRegularExpression(self::WRITES, (string) file_get_contents($path));
    }

    #[DataProvider('rooms')]
    public function test_each_room_of_a_page_has_the_same_stations(string $room): void
    {
        $files = glob(dirname(__DIR__, 2)."/{$room}/*/*.php") ?: [];
        $folders = array_unique(
            array_map(static fn (string $file): string => ucfirst(basename(dirname($file))), $files),
        );
        $stations = array_diff($folders, ['Concerns', 'Components', 'Errors']);

        self::assertNotEmpty($stations);
        self::assertSame([], array_values(array_diff($stations, self::STATIONS)));
    }

    /** @return iterable<string, array{string}> */
    public static function rooms(): iterable
    {
        foreach (
            ['app/Http/Controllers', 'app/Http/Requests', 'app/Pages', 'resources/views', 'tests/Feature'] as $room
        ) {
            yield $room => [$room];
        }
    }

    /** @return iterable<string, array{string}> */
    public static function files(): iterable
    {
        $root = dirname(__DIR__, 2).'/app';
        foreach (
            new RecursiveIteratorIterator(
                new RecursiveDirectoryIterator($root, RecursiveDirectoryIterator::SKIP_DOTS),
            ) as $file
        ) {
            if ($file instanceof SplFileInfo && $file->getExtension() === 'php') {
                yield substr($file->getPathname(), strlen($root) + 1) => [$file->getPathname()];
            }
        }
    }

    /** Views show what they are handed: they name no class, ask no table and make nothing themselves. */
    #[DataProvider('views')]
    public function test_a_view_only_shows_what_it_is_handed(string $path): void
    {
        self::assertDoesNotMatchRegularExpression(
            '/\b(PluckyWren|App|Carbon|Illuminate)\\\\|\bnew [A-Z]|\bresolve\(|::query\(|\bDB::/',
            (string) file_get_contents($path),
        );
    }

    /** @return iterable<string, array{string}> */
    public static function views(): iterable
    {
        $root = dirname(__DIR__, 2).'/resources/views';
        /** @var SplFileInfo $file */
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root, 4096)) as $file) {
            yield substr($file->getPathname(), strlen($root) + 1) => [$file->getPathname()];
        }
    }
}
