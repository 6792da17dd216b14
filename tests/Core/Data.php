<?php

declare(strict_types=1);

namespace Tests\Core;

use PluckyWren\Core\Box\BoxKinds;
use PluckyWren\Core\Colour\ColourNames;
use PluckyWren\Core\Guide\Guide;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\KindReader;
use PluckyWren\Core\Theme\ThemeList;

/**
 * The data that ships with the application, read without it; what is made of it never changes, and is made once.
 *
 * @phpstan-import-type KindData from KindReader
 * @phpstan-import-type BoxKindData from BoxKinds
 * @phpstan-import-type GuideData from Guide
 * @phpstan-import-type ThemeData from ThemeList
 * @phpstan-import-type SeasonData from ThemeList
 */
final class Data
{
    private static ?Catalogue $catalogue = null;

    private static ?BoxKinds $boxKinds = null;

    /** @var array<string, Guide> */
    private static array $guides = [];

    public static function path(string $file): string
    {
        return dirname(__DIR__, 2)."/data/{$file}";
    }

    public static function catalogue(): Catalogue
    {
        return self::$catalogue ??= Catalogue::ofFiles(self::kindFiles());
    }

    /** @return list<array{category: string, kinds: list<KindData>}> */
    public static function kindFiles(): array
    {
        /** @var list<array{category: string, kinds: list<KindData>}> */
        return array_map(
            static fn (string|false $path): mixed => self::json('kinds/'.basename((string) $path)),
            (array) glob(self::path('kinds/*.json')),
        );
    }

    /** @return BoxKindData */
    public static function boxKindData(string $id): array
    {
        /** @var array{kinds: list<BoxKindData>} $data */
        $data = self::json('box-kinds.json');

        return array_column($data['kinds'], null, 'id')[$id];
    }

    public static function boxKinds(): BoxKinds
    {
        /** @var array{kinds: list<BoxKindData>} $data */
        $data = self::json('box-kinds.json');

        return self::$boxKinds ??= BoxKinds::ofData($data);
    }

    public static function colourNames(): ColourNames
    {
        /** @var array{colours: non-empty-list<array{hex: string, name: string}>} $data */
        $data = self::json('colours.json');

        return ColourNames::ofData($data);
    }

    public static function themes(): ThemeList
    {
        /**
         * @var array{
         *     themes: list<ThemeData>, colourWords: array<string, string>, seasons: array<string, SeasonData>,
         * } $data
         */
        $data = self::json('themes.json');

        return new ThemeList($data['themes'], $data['colourWords'], $data['seasons']);
    }

    /** @return list<ThemeData> */
    public static function themeData(): array
    {
        /** @var array{themes: list<ThemeData>} $data */
        $data = self::json('themes.json');

        return $data['themes'];
    }

    public static function guide(string $id = 'pellwick-quay'): Guide
    {
        return self::$guides[$id] ??= Guide::ofData(self::guideData($id));
    }

    /** @return GuideData */
    public static function guideData(string $id = 'pellwick-quay'): array
    {
        /** @var GuideData */
        return self::json("guides/{$id}.json");
    }

    private static function json(string $file): mixed
    {
        return json_decode((string) file_get_contents(self::path($file)), true, 16, JSON_THROW_ON_ERROR);
    }
}
