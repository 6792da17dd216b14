<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

use PluckyWren\Core\Measure\Size;

/**
 * What lies in a thing, as it is kept: counts by kind where nothing more is known, else piece by piece. Lengths are
 * tenths of a millimetre.
 *
 * @phpstan-import-type SaidData from SaidFields
 *
 * @phpstan-type InsidePiece array{
 *     kind: string, count: int, name: string, size: array{int, int, int}, measured: bool, traits: list<string>,
 *     sizeLabel: string|null, said: SaidData,
 * }
 * @phpstan-type InsideData array<string, int>|list<InsidePiece>
 */
final class InsideFields
{
    /** @return InsideData */
    public static function written(Inside $inside): array
    {
        $isUsual = array_filter(
            $inside->things,
            static fn (array $one): bool => $one[0] != Thing::usual($one[0]->kind),
        ) === [];

        return $isUsual && count($inside->counts()) === count($inside->things)
            ? $inside->counts()
            : array_map(static fn (array $one): array => self::piece($one[0], $one[1]), $inside->things);
    }

    /** @param InsideData $data */
    public static function read(array $data, Catalogue $catalogue): Inside
    {
        if (! array_is_list($data)) {
            /** @var array<string, int> $data */
            return Inside::ofCounts($data, $catalogue);
        }
        $things = [];
        /** @var list<InsidePiece> $data */
        foreach ($data as $piece) {
            $said = SaidFields::read($piece['said']);
            $things[] = [
                new Thing(
                    $said->of($catalogue->get($piece['kind'])),
                    $piece['name'],
                    new Measures(new Size(...$piece['size']), $piece['measured']),
                    array_values(array_filter(array_map(ItemTrait::tryFrom(...), $piece['traits']))),
                    $piece['sizeLabel'],
                    Inside::nothing(),
                    $said,
                ),
                $piece['count'],
            ];
        }

        return Inside::ofThings($things);
    }

    /** @return InsidePiece */
    private static function piece(Thing $thing, int $count): array
    {
        $size = $thing->measures->size;

        return [
            'kind' => $thing->kind->id,
            'count' => $count,
            'name' => $thing->name,
            'size' => [$size->length, $size->width, $size->height],
            'measured' => $thing->measures->areTaken,
            'traits' => array_column($thing->traits, 'value'),
            'sizeLabel' => $thing->sizeLabel,
            'said' => SaidFields::written($thing->said),
        ];
    }
}
