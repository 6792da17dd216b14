<?php

declare(strict_types=1);

namespace App\Csv;

use App\Words\Words;
use JsonException;
use Opis\JsonSchema\Validator;
use PluckyWren\Core\Stash\Category;
use PluckyWren\Core\Stash\KindReader;
use PluckyWren\Core\Text\Typed;
use Throwable;

/**
 * A crew's own kinds as a file: a list of what the shipped files of kinds hold, each by its schema.
 *
 * @phpstan-import-type KindData from KindReader
 */
final readonly class KindFile
{
    private const FORMAT = 'plucky-wren/kinds@1';

    private const MOST_KINDS = 500;

    /** @param list<array{category: string, kinds: list<KindData>}> $files */
    public static function written(array $files): string
    {
        return json_encode(
            ['format' => self::FORMAT, 'files' => $files],
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        )."\n";
    }

    /**
     * @return list<array{category: string, kinds: list<KindData>}>
     *
     * @throws UnreadableKinds
     */
    public function read(string $json): array
    {
        $text = Typed::withoutMark($json);
        try {
            $data = json_decode($text, false, 16, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            throw new UnreadableKinds(Words::of('gather/kinds.errors.file'));
        }
        if (! is_object($data) || ($data->format ?? '') !== self::FORMAT || ! is_array($data->files ?? null)) {
            throw new UnreadableKinds(Words::of('gather/kinds.errors.file'));
        }
        $schema = (string) file_get_contents(base_path('data/schemas/kinds.schema.json'));
        foreach ($data->files as $place => $file) {
            if (! (new Validator)->validate($file, $schema)->isValid()) {
                throw new UnreadableKinds(Words::of('gather/kinds.errors.entry', ['place' => (int) $place + 1]));
            }
        }
        /** @var array{files: list<array{category: string, kinds: list<KindData>}>} $read */
        $read = json_decode($text, true, 16, JSON_THROW_ON_ERROR);
        $this->refuseUnreadable($read['files']);

        return $read['files'];
    }

    /**
     * What keeps to its schema may still name a trait or an age band that is none.
     *
     * @param  list<array{category: string, kinds: list<KindData>}>  $files
     *
     * @throws UnreadableKinds
     */
    private function refuseUnreadable(array $files): void
    {
        $count = 0;
        foreach ($files as $place => $file) {
            $count += count($file['kinds']);
            foreach ($file['kinds'] as $line) {
                try {
                    KindReader::kind(Category::from($file['category']), $line);
                } catch (Throwable) {
                    throw new UnreadableKinds(Words::of('gather/kinds.errors.entry', ['place' => $place + 1]));
                }
            }
        }
        $count <= self::MOST_KINDS || throw new UnreadableKinds(Words::of('gather/kinds.errors.file'));
    }
}
