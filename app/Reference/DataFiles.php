<?php

declare(strict_types=1);

namespace App\Reference;

use JsonException;
use PluckyWren\Core\Box\BoxKinds;
use PluckyWren\Core\Box\ColourNames;
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
        $paths = glob("{$this->folder}/kinds/*.json");
        /** @var list<array{category: string, kinds: list<KindData>}> $files */
        $files = array_map($this->json(...), $paths === false ? [] : $paths);

        return Catalogue::ofFiles($files);
    }

    public function boxKinds(): BoxKinds
    {
        /** @var array{kinds: list<BoxKindData>} $data */
        $data = $this->json("{$this->folder}/box-kinds.json");

        return BoxKinds::ofData($data);
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

    /** @return array<array-key, mixed> */
    private function json(string $path): array
    {
        /** @var array<array-key, mixed> */
        return json_decode((string) file_get_contents($path), true, 16, JSON_THROW_ON_ERROR);
    }
}
