<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Files;

use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;

/** Placements as both files write them. */
final class PlacementFields
{
    /** @throws MalformedFile */
    public static function read(Fields $fields): Placement
    {
        $parts = array_map(self::part(...), $fields->objects('parts'));
        if ($parts === [] || count($parts) > 2) {
            $fields->refuse('parts', 'must hold one part, or two where it is bent');
        }
        $placement = new Placement(
            $fields->text('id'),
            $fields->whole('step', 1, 100_000),
            $fields->has('in') ? $fields->text('in') : null,
            $fields->choice('how', How::class),
            $fields->has('angle') ? $fields->number('angle', -360, 360) : 0.0,
            $parts,
        );
        $fields->nothingElse();

        return $placement;
    }

    /** @return array<string, mixed> */
    public static function write(Placement $placement): array
    {
        return [
            'id' => $placement->id,
            'step' => $placement->step,
            'in' => $placement->in,
            'how' => $placement->how->value,
            'angle' => self::tidy($placement->angle),
            'parts' => array_map(static fn (Part $part): array => array_map(
                static fn (int $tenths): int|float => self::tidy($tenths / 10),
                ['x' => $part->x, 'y' => $part->y, 'z' => $part->z, 'l' => $part->l, 'w' => $part->w, 'h' => $part->h],
            ), $placement->parts),
        ];
    }

    /** Whole where it is whole, so that 12.0 is written 12. */
    public static function tidy(float $number): int|float
    {
        return floor($number) === $number ? (int) $number : $number;
    }

    /** @throws MalformedFile */
    private static function part(Fields $fields): Part
    {
        $place = static fn (string $name): int => $fields->tenths($name, -2000);
        $part = new Part(
            $place('x'),
            $place('y'),
            $place('z'),
            $fields->tenths('l'),
            $fields->tenths('w'),
            $fields->tenths('h'),
        );
        $fields->nothingElse();

        return $part;
    }
}
