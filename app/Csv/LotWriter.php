<?php

declare(strict_types=1);

namespace App\Csv;

use App\Models\Lot;
use PluckyWren\Core\Measure\Unit;
use PluckyWren\Core\Stash\ItemTrait;

/** A lot as a row of a file, as `LotReader` reads it. */
final class LotWriter
{
    /** @return list<LotColumn> those that are written, in their order */
    public static function columns(): array
    {
        return array_values(
            array_filter(LotColumn::cases(), static fn (LotColumn $column): bool => $column !== LotColumn::Each),
        );
    }

    /** @return list<string> */
    public static function headers(): array
    {
        return array_map(static fn (LotColumn $column): string => $column->value, self::columns());
    }

    /** @return list<string> */
    public static function row(Lot $lot): array
    {
        $mm = Unit::Millimetre->figure(...);

        return [
            $lot->id, $lot->kind, $lot->name, (string) $lot->pieces, (string) $lot->pack_pieces,
            $lot->price_state->value, $lot->paid?->plain() ?? '', $lot->currency, $lot->list?->plain() ?? '',
            $lot->source->value, $lot->place ?? '', $lot->got_on->toDateString(),
            $mm($lot->size->length), $mm($lot->size->width), $mm($lot->size->height),
            $lot->is_measured ? 'yes' : '', $lot->size_label ?? '',
            $lot->traits === []
                ? 'none'
                : implode(', ', array_map(static fn (ItemTrait $trait): string => $trait->value, $lot->traits)),
            $lot->tags, $lot->kept ?? '', $lot->note ?? '', implode(', ', $lot->colours->hexes()),
            $lot->packaged === null ? '' : $mm($lot->packaged->length),
            $lot->packaged === null ? '' : $mm($lot->packaged->width),
            $lot->packaged === null ? '' : $mm($lot->packaged->height), $lot->is_packaged ? 'yes' : '',
            $lot->materials ?? '', (string) $lot->minutes, $lot->due_on?->toDateString() ?? '',
            $lot->gone === 0 ? '' : (string) $lot->gone, $lot->desk ?? '',
            $lot->fault->value ?? '', $lot->fault_end->value ?? '',
            implode(', ', array_map(
                static fn (array $one): string => "{$one[1]} {$one[0]->id}",
                $lot->thing()->inside->kinds,
            )),
        ];
    }
}
