<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Lang;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** Whatever is said by a key has its words, so that no page ever shows a key. */
final class WordsTest extends TestCase
{
    private const KEY = '/(?:__|trans_choice|Words::of|Lang::get)\(\s*\'([\w\/-]+\.[\w.-]+)\'/';

    /** All files in one test: the application is made ready once for them, not once for each. */
    public function test_every_key_that_is_asked_for_has_its_words(): void
    {
        $missing = [];
        foreach (self::files() as $name => $path) {
            preg_match_all(self::KEY, (string) file_get_contents($path), $asked);
            $missing[$name] = array_filter(
                array_unique($asked[1]),
                static fn (string $key): bool => ! Lang::has(rtrim($key, '.')),
            );
        }

        self::assertSame([], array_filter($missing));
        self::assertGreaterThan(300, count($missing));
    }

    /** @return iterable<string, string> */
    private static function files(): iterable
    {
        $root = dirname(__DIR__, 2);
        foreach (['app', 'resources/views'] as $folder) {
            /** @var SplFileInfo $file */
            foreach (
                new RecursiveIteratorIterator(new RecursiveDirectoryIterator("{$root}/{$folder}", 4096)) as $file
            ) {
                yield substr($file->getPathname(), strlen($root) + 1) => $file->getPathname();
            }
        }
    }

    /** What stays of a view without comments, PHP, echoes, directives and tags is what it says by itself: nothing. */
    public function test_no_view_has_words_of_its_own(): void
    {
        $balanced = '(\((?:[^()\'"]++|\'(?:[^\'\\\\]|\\\\.)*+\'|"(?:[^"\\\\]|\\\\.)*+"|(?1))*+\))';
        $parts = [
            '/\{\{--.*?--\}\}/s', '/@php\s.*?@endphp/s', '/\{!!.*?!!\}|\{\{.*?\}\}/s', "/@\w+\s*{$balanced}?/s",
        ];
        $said = [];
        foreach (self::files() as $name => $path) {
            if (! str_ends_with($name, '.blade.php')) {
                continue;
            }
            $rest = (string) preg_replace($parts, ' ', (string) file_get_contents($path));
            preg_match_all(
                '/\s(?:aria-label|title|label|placeholder|hint|alt|caption|empty)="([^"]*[A-Za-z]{2}[^"]*)"/',
                $rest,
                $attributes,
            );
            preg_match_all('/[A-Za-z]{2,}/', strip_tags($rest), $words);
            $said[$name] = [...$attributes[1], ...$words[0]];
        }

        self::assertSame([], array_filter($said));
        self::assertGreaterThan(100, count($said));
    }

    public function test_words_stand_in_the_folders_of_the_stations(): void
    {
        $folders = array_map(basename(...), glob(lang_path('en/*'), GLOB_ONLYDIR) ?: []);

        self::assertSame([], array_diff($folders, [
            'components', 'crew', 'errors', 'gather', 'guides', 'pack', 'plan', 'send',
        ]));
    }
}
