<?php

declare(strict_types=1);

namespace App\Archive;

use App\Models\Crew;
use Illuminate\Support\Facades\DB;
use JsonException;
use RuntimeException;
use Throwable;
use ZipArchive;

/**
 * Everything of a crew in one file: its rows as JSON, a table each, its photos as pictures. What comes out of one crew
 * goes into another that is empty, and is the same there.
 */
final class CrewArchive
{
    public const FORMAT = 1;

    /** What of the crew itself is taken along: how it likes things, and nothing that opens doors. */
    private const OF_CREW = [
        'currency', 'season_budget_minor', 'locale', 'habits', 'guide', 'time_zone', 'kept_note', 'asked_prices',
        'units',
    ];

    /** More is no crew's own. */
    private const MOST_BYTES = 300_000_000;

    /** Columns that hold a photo, and stand for it in the file. */
    private const PHOTO = 'jpeg';

    /**
     * @param  array<string, string>  $also  other files to lie beside, by their names
     *
     * @throws RuntimeException If the file cannot be written.
     * @throws JsonException Never, as rows are text.
     */
    public function write(Crew $crew, string $path, array $also = []): void
    {
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE) === true
            || throw new RuntimeException("{$path} cannot be written.");
        $own = (array) DB::table('crews')->where('id', $crew->id)->first();
        $zip->addFromString('crew.json', self::json([
            'plucky-wren' => self::FORMAT, 'name' => $crew->name,
            'settings' => array_intersect_key($own, array_flip(self::OF_CREW)),
        ]));
        foreach (CrewTables::inOrder() as $table) {
            $rows = [];
            $all = DB::table($table)->where('crew_id', $crew->id)->orderByRaw(CrewTables::order($table));
            foreach ($all->get() as $row) {
                $row = array_diff_key((array) $row, ['crew_id' => true]);
                if (isset($row[self::PHOTO])) {
                    $photo = "photos/{$table}-".count($rows).'.jpg';
                    $zip->addFromString($photo, (string) base64_decode(strval($row[self::PHOTO]), true));
                    $row[self::PHOTO] = $photo;
                }
                $rows[] = $row;
            }
            $zip->addFromString("tables/{$table}.json", self::json($rows));
        }
        foreach ($also as $name => $content) {
            $zip->addFromString($name, $content);
        }
        $zip->close() || throw new RuntimeException("{$path} cannot be written.");
    }

    /**
     * Put what a file holds into a crew that has nothing yet: all of it, or nothing.
     *
     * @return int how many rows came in
     *
     * @throws UnreadableArchive If it is no such file, the crew is not empty, or the same things are here already.
     */
    public function read(Crew $crew, string $path): int
    {
        self::isEmpty($crew) || throw UnreadableArchive::crewIsNotEmpty();
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::RDONLY) === true || throw UnreadableArchive::noArchive();
        $about = self::part($zip, 'crew.json');
        ($about['plucky-wren'] ?? null) === self::FORMAT || throw UnreadableArchive::noArchive();
        try {
            return DB::transaction(function () use ($crew, $zip, $about): int {
                $settings = is_array($about['settings'] ?? null) ? $about['settings'] : [];
                DB::table('crews')->where('id', $crew->id)->update(
                    array_filter(
                        array_intersect_key($settings, array_flip(self::OF_CREW)),
                        static fn (mixed $value): bool => $value === null || is_scalar($value),
                    ),
                );
                $count = 0;
                $numbers = [];
                foreach (CrewTables::inOrder() as $table) {
                    $count += $this->fill($crew, $zip, $table, $numbers);
                }

                return $count;
            });
        } catch (Throwable $why) {
            // What the tables refuse is no fault of ours, and no reason to show what they said.
            throw $why instanceof UnreadableArchive ? $why : UnreadableArchive::doesNotFit();
        } finally {
            $zip->close();
        }
    }

    public static function isEmpty(Crew $crew): bool
    {
        foreach (['boxes', 'lots', 'recipes', 'own_kinds', 'crew_guides', 'trips', 'ideas'] as $table) {
            if (DB::table($table)->where('crew_id', $crew->id)->exists()) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  array<string, array<int|string, int>>  $numbers  the new number of each row, by table and old number
     *
     * @throws UnreadableArchive
     */
    private function fill(Crew $crew, ZipArchive $zip, string $table, array &$numbers): int
    {
        $columns = array_flip(CrewTables::columns($table));
        $parents = CrewTables::parents($table);
        $hasNumbers = CrewTables::hasNumbers($table);
        $rows = self::part($zip, "tables/{$table}.json");
        foreach ($rows as $row) {
            $row = is_array($row) ? array_intersect_key($row, $columns) : throw UnreadableArchive::doesNotFit();
            $old = $row['id'] ?? null;
            foreach ($parents as $column => $parent) {
                $named = $row[$column] ?? null;
                if ((is_int($named) || is_string($named)) && isset($numbers[$parent['table']])) {
                    $row[$column] = $numbers[$parent['table']][$named] ?? throw UnreadableArchive::doesNotFit();
                }
            }
            if (is_string($row[self::PHOTO] ?? null)) {
                $photo = $zip->getFromName($row[self::PHOTO]);
                $row[self::PHOTO] = base64_encode($photo === false ? throw UnreadableArchive::doesNotFit() : $photo);
            }
            $row['crew_id'] = $crew->id;
            if ($hasNumbers) {
                unset($row['id']);
                $new = DB::table($table)->insertGetId($row);
                is_int($old) && $numbers[$table][$old] = $new;
            } else {
                DB::table($table)->insert($row);
            }
        }

        return count($rows);
    }

    /**
     * @return array<array-key, mixed>
     *
     * @throws UnreadableArchive
     */
    private static function part(ZipArchive $zip, string $name): array
    {
        $about = $zip->statName($name);
        if ($about === false || $about['size'] > self::MOST_BYTES) {
            throw UnreadableArchive::noArchive();
        }
        $part = json_decode((string) $zip->getFromName($name), true);

        return is_array($part) ? $part : throw UnreadableArchive::noArchive();
    }

    /**
     * @param  array<array-key, mixed>  $data
     *
     * @throws JsonException
     */
    private static function json(array $data): string
    {
        return json_encode(
            $data,
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        );
    }
}
