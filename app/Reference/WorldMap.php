<?php

declare(strict_types=1);

namespace App\Reference;

use RuntimeException;

/** The drawing of the world that the build made, country by country. */
final class WorldMap
{
    /** @var array{width: int, height: int, countries: array<string, array{path?: string, at: array{int, int}}>}|null */
    private ?array $read = null;

    public function __construct(private readonly string $file) {}

    /** @return array{int, int} width and height of the drawing, in its own units */
    public function size(): array
    {
        return [$this->read()['width'], $this->read()['height']];
    }

    /** A country's outline; empty where it is too small to be drawn. */
    public function outline(string $country): string
    {
        return $this->read()['countries'][$country]['path'] ?? '';
    }

    /** @return array<string, array{int, int}> where each country's mark stands, by its two letters */
    public function points(): array
    {
        return array_map(static fn (array $country): array => $country['at'], $this->read()['countries']);
    }

    /** @return array{width: int, height: int, countries: array<string, array{path?: string, at: array{int, int}}>} */
    private function read(): array
    {
        if ($this->read === null) {
            $json = is_file($this->file) ? file_get_contents($this->file) : false;
            $json !== false || throw new RuntimeException("{$this->file} is missing: run “npm run build”.");
            /**
             * @var array{width: int, height: int, countries: array<string, array{path?: string, at: array{int, int}}>}
             *      $read
             */
            $read = json_decode($json, true, 8, JSON_THROW_ON_ERROR);
            $this->read = $read;
        }

        return $this->read;
    }
}
