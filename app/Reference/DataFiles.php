<?php

declare(strict_types=1);

namespace App\Reference;

use Illuminate\Filesystem\Filesystem;
use JsonException;
use PluckyWren\Core\Box\BoxKinds;
use PluckyWren\Core\Colour\ColourNames;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\KindReader;
use PluckyWren\Core\Theme\ThemeList;

/**
 * Reads the data files that ship with the application.
 *
 * @phpstan-import-type KindData from KindReader
 * @phpstan-import-type BoxKindData from BoxKinds
 * @phpstan-import-type ThemeData from ThemeList
 * @phpstan-import-type SeasonData from ThemeList
 */
final class DataFiles
{
    /** Read once: what ships does not change while a page is made. */
    private ?Catalogue $catalogue = null;

    /** @param string|null $compiled where what was read is kept as PHP, which is read much quicker; null nowhere */
    public function __construct(private readonly string $folder, private readonly ?string $compiled = null) {}

    public function catalogue(): Catalogue
    {
        return $this->catalogue ??= Catalogue::ofFiles($this->kindFiles());
    }

    /** @return BoxKindData|null as its file has it; null where there is none of that id */
    public function boxKind(string $id): ?array
    {
        return array_values(
            array_filter($this->boxKindFile()['kinds'], static fn (array $kind): bool => $kind['id'] === $id),
        )[0] ?? null;
    }

    public function boxKinds(): BoxKinds
    {
        return BoxKinds::ofData($this->boxKindFile());
    }

    public function colourNames(): ColourNames
    {
        /** @var array{colours: non-empty-list<array{hex: string, name: string}>} $data */
        $data = $this->json("{$this->folder}/colours.json");

        return ColourNames::ofData($data);
    }

    /** @return array<string, string> small drawings as paths, by their names */
    public function glyphs(): array
    {
        /** @var array<string, string> */
        return $this->json("{$this->folder}/glyphs.json");
    }

    public function themes(): ThemeList
    {
        /**
         * @var array{
         *     themes: list<ThemeData>, colourWords: array<string, string>, seasons: array<string, SeasonData>,
         * } $data
         */
        $data = $this->json("{$this->folder}/themes.json");

        return new ThemeList($data['themes'], $data['colourWords'], $data['seasons']);
    }

    /** @return array<array-key, mixed>|null null where there is no such guide */
    public function guide(string $id): ?array
    {
        $path = "{$this->folder}/guides/{$id}.json";

        try {
            return preg_match('/^[a-z0-9-]+$/', $id) === 1 && is_file($path) ? $this->json($path) : null;
        } catch (JsonException $why) {
            report($why);

            return null;
        }
    }

    /** @return list<string> this season's first: by the day they are dated */
    public function guideIds(): array
    {
        $dated = [];
        foreach (glob("{$this->folder}/guides/*.json") ?: [] as $path) {
            $dated[basename($path, '.json')] = (string) ($this->guide(basename($path, '.json'))['dated'] ?? '');
        }
        arsort($dated);

        return array_keys($dated);
    }

    /** @return list<array{category: string, kinds: list<KindData>}> */
    private function kindFiles(): array
    {
        /** @var list<array{category: string, kinds: list<KindData>}> */
        return array_map($this->json(...), glob("{$this->folder}/kinds/*.json") ?: []);
    }

    /** @return array{kinds: list<BoxKindData>} */
    private function boxKindFile(): array
    {
        /** @var array{kinds: list<BoxKindData>} */
        return $this->json("{$this->folder}/box-kinds.json");
    }

    /**
     * @return array<array-key, mixed>
     *
     * @throws JsonException
     */
    private function json(string $path): array
    {
        $compiled = $this->compiled.strtr(substr($path, strlen($this->folder)), ['.json' => '.php']);
        // A copy as old as a file may have been made from what the file was before.
        if ($this->compiled !== null && is_file($compiled) && filemtime($compiled) > filemtime($path)) {
            /** @var array<array-key, mixed> */
            return require $compiled;
        }
        /** @var array<array-key, mixed> $data */
        $data = json_decode((string) file_get_contents($path), true, 16, JSON_THROW_ON_ERROR);
        if ($this->compiled !== null) {
            $files = new Filesystem;
            $files->ensureDirectoryExists(dirname($compiled));
            $files->replace($compiled, '<?php return '.var_export($data, true).';');
        }

        return $data;
    }
}
