<?php

declare(strict_types=1);

namespace App\Words;

use PluckyWren\Core\Fit\Cavity;
use PluckyWren\Core\Measure\Unit;
use PluckyWren\Core\Stash\Said;

/** What was said of a thing itself, in words; and each of it as it is typed. */
final class SaidWords
{
    public static function of(Said $said): string
    {
        $typed = self::typed($said);

        return implode('; ', array_values(array_filter([
            $said->form === null ? '' : Words::of("gather/stash.forms.{$said->form->value}"),
            $said->isSolid ? Words::of('gather/stash.said.solid') : '',
            ...array_map(
                static fn (string $field): string => $typed[$field] === ''
                    ? ''
                    : Words::of("gather/stash.said.{$field}-is", ['what' => $typed[$field]]),
                ['smallest', 'cord', 'grams', 'hollow', 'mouth'],
            ),
        ])));
    }

    /** @return array{smallest: string, cord: string, grams: string, hollow: string, mouth: string} in millimetres */
    public static function typed(Said $said): array
    {
        return [
            'smallest' => $said->smallest?->inMm() ?? '',
            'cord' => $said->cordTenths === null ? '' : self::mm([$said->cordTenths]),
            'grams' => (string) $said->grams,
            'hollow' => self::mm(self::sides($said->hollow)),
            'mouth' => self::mm($said->hollow->mouth ?? []),
        ];
    }

    /** @return list<int> */
    private static function sides(?Cavity $hollow): array
    {
        return match (true) {
            $hollow === null => [],
            $hollow->round => [$hollow->length, $hollow->height],
            default => [$hollow->length, $hollow->width, $hollow->height],
        };
    }

    /** @param list<int> $tenths */
    private static function mm(array $tenths): string
    {
        return implode(' × ', array_map(Unit::Millimetre->figure(...), $tenths));
    }
}
