<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

use PluckyWren\Core\Fit\Cavity;
use PluckyWren\Core\Fit\Drawing\Look;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Recipient\InvalidBand;
use PluckyWren\Core\Stash\Preparation\Task;

/**
 * Reads a kind of thing from its line in a file of kinds; the line's shape is fixed by
 * `data/schemas/kinds.schema.json`.
 *
 * @phpstan-type KindData array{
 *     id: string, name: string, size: array{float, float, float}, form: string, squeeze?: float, minSide?: float,
 *     keepUpright?: bool, grams?: int, gentle?: bool, worn?: bool, traits: list<string>, usual: array<string, int>,
 *     cavity?: CavityData, cheapMonths?: list<int>, shape?: string,
 *     smallest?: array{size: array{float, float, float}, shape?: string}, cordMm?: float, ages?: array{int, int},
 *     with?: list<array{anyOf?: list<string>, task?: string, needed?: bool, why: string}>, elastic?: bool,
 *     shoes?: bool, tasks?: list<string>, also?: list<string>,
 *     countsAs?: list<string>, together?: bool, private?: bool,
 *     look?: string, glyph?: string, many?: bool, price?: int,
 * }
 * @phpstan-type CavityData array{
 *     soft?: bool, round?: bool, wall?: float, length?: float, width?: float, height?: float, mouth?: list<float>,
 * }
 */
final class KindReader
{
    /**
     * @param KindData $data
     *
     * @throws InvalidBand
     */
    public static function kind(Category $category, array $data): ItemKind
    {
        return new ItemKind(
            $data['id'],
            $data['name'],
            $category,
            self::body($data),
            new Handling(
                Form::from($data['form']),
                (float) ($data['squeeze'] ?? 1.0),
                self::tenths($data['minSide'] ?? null),
                $data['keepUpright'] ?? false,
                $data['gentle'] ?? false,
                isset($data['cavity']) ? self::cavity($data['cavity']) : null,
                $data['together'] ?? false,
            ),
            new Usage(
                array_map(
                    static fn (string $years, int $count): array => [AgeBand::parse($years), $count],
                    array_keys($data['usual']),
                    $data['usual'],
                ),
                isset($data['ages']) ? new AgeBand(...$data['ages']) : null,
                $data['cheapMonths'] ?? [],
                $data['countsAs'] ?? [],
            ),
            self::care($data),
        );
    }

    /** @param KindData $data */
    private static function body(array $data): Body
    {
        return new Body(
            Size::ofMm(...$data['size']),
            Shape::from($data['shape'] ?? 'block'),
            $data['grams'] ?? null,
            isset($data['smallest'])
                ? new LoosePart(
                    Size::ofMm(...$data['smallest']['size']),
                    Shape::from($data['smallest']['shape'] ?? 'block'),
                )
                : null,
            self::tenths($data['cordMm'] ?? null),
            isset($data['look']) ? Look::from($data['look']) : null,
            $data['glyph'] ?? null,
        );
    }

    /** @param KindData $data */
    private static function care(array $data): Care
    {
        return new Care(
            array_map(ItemTrait::from(...), $data['traits']),
            $data['worn'] ?? false,
            $data['elastic'] ?? false,
            $data['shoes'] ?? false,
            array_map(
                static fn (array $with): Companion => new Companion(
                    $with['anyOf'] ?? [],
                    isset($with['task']) ? Task::from($with['task']) : null,
                    $with['needed'] ?? false,
                    $with['why'],
                ),
                $data['with'] ?? [],
            ),
            array_map(Task::from(...), $data['tasks'] ?? []),
            $data['private'] ?? false,
        );
    }

    private static function tenths(?float $mm): ?int
    {
        return $mm === null ? null : (int) round($mm * 10);
    }

    /** @param CavityData $data */
    private static function cavity(array $data): Cavity
    {
        $tenths = static fn (float|int|null $mm): int => (int) round(($mm ?? 0) * 10);
        $mouth = array_map($tenths, $data['mouth'] ?? []);

        return match (true) {
            $data['soft'] ?? false => Cavity::pouch($tenths($data['wall'] ?? 0)),
            $data['round']
                ?? false => Cavity::cylinder($tenths($data['length'] ?? 0), $tenths($data['height'] ?? 0), $mouth),
            default => Cavity::block(
                $tenths($data['length'] ?? 0),
                $tenths($data['width'] ?? 0),
                $tenths($data['height'] ?? 0),
                $mouth,
            ),
        };
    }
}
