<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Measure\Size;

/**
 * The box kinds to choose from; the file's shape is fixed by `data/schemas/box-kinds.schema.json`.
 *
 * @phpstan-type BoxKindData array{
 *     id: string, name: string, says: string, top: array{float, float}, floor: array{float, float}, height: float,
 *     bulge: float, outside: array{float, float, float}, tub?: bool,
 * }
 */
final readonly class BoxKinds
{
    /** @param array<string, BoxKind> $kinds by id */
    private function __construct(private array $kinds) {}

    /** @param array{kinds: list<BoxKindData>} $data */
    public static function ofData(array $data): self
    {
        $kinds = [];
        $tenths = static fn (float|int $mm): int => (int) round($mm * 10);
        foreach ($data['kinds'] as $kind) {
            $shape = new BoxShape(
                $kind['name'],
                $tenths($kind['top'][0]),
                $tenths($kind['top'][1]),
                $tenths($kind['floor'][0]),
                $tenths($kind['floor'][1]),
                $tenths($kind['height']),
                $tenths($kind['bulge']),
            );
            $kinds[$kind['id']] = new BoxKind(
                $kind['id'],
                $kind['name'],
                $kind['says'],
                $shape,
                Size::ofMm(...$kind['outside']),
                $kind['tub'] ?? false,
            );
        }

        return new self($kinds);
    }

    /**
     * Get a box kind by its id; one that is no longer there is shown as retired, with the measures of the first there
     * is.
     */
    public function get(string $id): BoxKind
    {
        return $this->kinds[$id] ?? BoxKind::retired($id, array_values($this->kinds)[0]);
    }

    public function has(string $id): bool
    {
        return isset($this->kinds[$id]);
    }

    /** @return array<string, BoxKind> by id */
    public function all(): array
    {
        return $this->kinds;
    }
}
