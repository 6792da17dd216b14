<?php

declare(strict_types=1);

namespace App\Reference;

use JsonException;
use PluckyWren\Core\Box\BoxKinds;
use PluckyWren\Core\Colour\ColourNames;
use PluckyWren\Core\Stash\Catalogue;

/**
 * Reads the data files that ship with the application.
 *
 * @phpstan-import-type KindData from Catalogue
 * @phpstan-import-type BoxKindData from BoxKinds
 */
final readonly class DataFiles
{
    public function __construct(private string $folder) {}

    public function catalogue(): Catalogue
    {
        return Catalogue::ofFiles($this->kindFiles());
    }

    /**
     * Get some kinds as their files have them.
     *
     * @param  list<string>  $ids
     * @return list<array{category: string, kinds: list<KindData>}>
     */
    public function kinds(array $ids): array
    {
        $some = [];
        foreach ($this->kindFiles() as $file) {
            $kinds = array_values(
                array_filter($file['kinds'], static fn (array $kind): bool => in_array($kind['id'], $ids, true)),
            );
            $kinds === [] || $some[] = ['category' => $file['category'], 'kinds' => $kinds];
        }

        return $some;
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
        $paths = glob("{$this->folder}/kinds/*.json");

        /** @var list<array{category: string, kinds: list<KindData>}> */
        return array_map($this->json(...), $paths === false ? [] : $paths);
    }

    /** @return array{kinds: list<BoxKindData>} */
    private function boxKindFile(): array
    {
        /** @var array{kinds: list<BoxKindData>} */
        return $this->json("{$this->folder}/box-kinds.json");
    }

    /** @return array<array-key, mixed> */
    private function json(string $path): array
    {
        /** @var array<array-key, mixed> */
        return json_decode((string) file_get_contents($path), true, 16, JSON_THROW_ON_ERROR);
    }
}
