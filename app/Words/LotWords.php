<?php

declare(strict_types=1);

namespace App\Words;

use App\Models\Lot;
use PluckyWren\Core\Colour\Colour;
use PluckyWren\Core\Colour\ColourNames;
use PluckyWren\Core\Stash\ItemTrait;

/** One field of a lot, as one reads it. */
final class LotWords
{
    public static function of(Lot $lot, string $column): string
    {
        $words = match ($column) {
            'pieces' => trim(
                "{$lot->pieces} ".(
                    $lot->paid === null ? '' : Words::of('gather/life.for', ['paid' => $lot->paid->format()])
                ),
            ),
            'length_tenths' => LengthWords::size($lot->size),
            'packaged_length_tenths' => $lot->packaged === null ? '' : LengthWords::size($lot->packaged),
            'kind' => $lot->itemKind()->name,
            'due_on' => $lot->due_on?->format('j M Y') ?? '',
            'holds' => Contents::written($lot->thing()->inside),
            'said' => SaidWords::of($lot->said),
            'source' => Words::of("gather/stash.sources.{$lot->source->value}"),
            'got_on' => $lot->got_on->format('j M Y'),
            'list_minor' => $lot->list?->format() ?? '',
            'is_measured' => Words::of($lot->is_measured ? 'gather/life.measured' : 'gather/life.not-measured'),
            'traits' => implode(
                ', ',
                array_map(
                    static fn (ItemTrait $trait): string => Words::of("gather/stash.traits.{$trait->value}"),
                    $lot->traits,
                ),
            ),
            'colours' => implode(
                ', ',
                array_map(
                    static fn (Colour $colour): string => resolve(ColourNames::class)->nameOf($colour),
                    $lot->colours->colours,
                ),
            ),
            default => is_scalar($value = $lot->getAttribute($column)) ? (string) $value : '',
        };

        return $words === '' ? Words::of('gather/life.nothing') : $words;
    }
}
