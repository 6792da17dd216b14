<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

use PluckyWren\Core\Fit\Cavity;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Measure\Size;

/**
 * What was said of a thing, as it is kept: only what was said is there, lengths in tenths of a millimetre.
 *
 * @phpstan-type SaidData array{
 *     form?: string, solid?: bool, smallest?: array{int, int, int}, cord?: int, grams?: int,
 *     hollow?: list<int>, mouth?: list<int>,
 * }
 */
final class SaidFields
{
    /** @return SaidData a round hollow has two measures, across and deep; another has three */
    public static function written(Said $said): array
    {
        $hollow = $said->hollow;
        $sides = match (true) {
            $hollow === null => null,
            $hollow->round => [$hollow->length, $hollow->height],
            default => [$hollow->length, $hollow->width, $hollow->height],
        };

        return array_filter([
            'form' => $said->form?->value,
            'solid' => $said->isSolid ?: null,
            'smallest' => $said->smallest === null
                ? null
                : [$said->smallest->length, $said->smallest->width, $said->smallest->height],
            'cord' => $said->cordTenths,
            'grams' => $said->grams,
            'hollow' => $sides,
            'mouth' => $hollow === null || $hollow->mouth === [] ? null : $hollow->mouth,
        ], static fn (mixed $one): bool => $one !== null);
    }

    /** @param SaidData $data */
    public static function read(array $data): Said
    {
        return new Said(
            Form::tryFrom($data['form'] ?? ''),
            $data['solid'] ?? false,
            isset($data['smallest']) ? new Size(...$data['smallest']) : null,
            $data['cord'] ?? null,
            $data['grams'] ?? null,
            self::hollow($data['hollow'] ?? [], $data['mouth'] ?? []),
        );
    }

    /**
     * @param  list<int>  $sides  two of a round hollow, across and deep; three of another; none of none
     * @param  list<int>  $mouth  none where the mouth is as wide as the hollow
     */
    public static function hollow(array $sides, array $mouth): ?Cavity
    {
        return match (count($sides)) {
            2 => Cavity::cylinder($sides[0], $sides[1], array_slice($mouth, 0, 1)),
            3 => Cavity::block($sides[0], $sides[1], $sides[2], count($mouth) === 1 ? [...$mouth, ...$mouth] : $mouth),
            default => null,
        };
    }
}
