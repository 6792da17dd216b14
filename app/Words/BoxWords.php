<?php

declare(strict_types=1);

namespace App\Words;

use App\Models\Box;
use PluckyWren\Core\Colour\Colour;
use PluckyWren\Core\Colour\ColourNames;

/** One field of a box, as one reads it; by the names of its form's groups. */
final class BoxWords
{
    public static function of(Box $box, string $field): string
    {
        return match ($field) {
            'band' => Words::of("people.{$box->gender->value}").', '.$box->recipient()->band->label(),
            'box_kind' => $box->boxKind()->name.', '.(new Writing)->insideOf($box->boxKind()),
            'colours' => implode(
                ', ',
                array_map(
                    static fn (Colour $colour): string => resolve(ColourNames::class)->nameOf($colour),
                    $box->palette->colours,
                ),
            ) ?: Words::of('gather/life.nothing'),
            'budget' => (
                $box->budget?->format() ?? Words::of('plan/gauges.no-budget')
            ).', '.$box->sending_gift->format(),
            default => $box->theme,
        };
    }
}
