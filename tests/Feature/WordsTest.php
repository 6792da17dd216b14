<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Lang;
use PHPUnit\Framework\Attributes\DataProvider;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** Whatever is said by a key has its words, so that no page ever shows a key. */
final class WordsTest extends TestCase
{
    private const KEY = '/(?:__|trans_choice|Words::of|Lang::get)\(\s*\'([\w\/-]+\.[\w.-]+)\'/';

    #[DataProvider('files')]
    public function test_every_key_that_is_asked_for_has_its_words(string $path): void
    {
        preg_match_all(self::KEY, (string) file_get_contents($path), $asked);

        self::assertSame([], array_values(array_filter(
            array_unique($asked[1]),
            static fn (string $key): bool => ! Lang::has(rtrim($key, '.')),
        )));
    }

    /** @return iterable<string, array{string}> */
    public static function files(): iterable
    {
        $root = dirname(__DIR__, 2);
        foreach (['app', 'resources/views'] as $folder) {
            /** @var SplFileInfo $file */
            foreach (
                new RecursiveIteratorIterator(new RecursiveDirectoryIterator("{$root}/{$folder}", 4096)) as $file
            ) {
                yield substr($file->getPathname(), strlen($root) + 1) => [$file->getPathname()];
            }
        }
    }

    public function test_words_stand_in_the_folders_of_the_stations(): void
    {
        $folders = array_map(basename(...), glob(lang_path('en/*'), GLOB_ONLYDIR) ?: []);

        self::assertSame([], array_diff($folders, ['crew', 'gather', 'guides', 'pack', 'plan', 'send']));
    }
}
