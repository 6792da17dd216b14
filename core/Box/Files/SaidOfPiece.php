<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Files;

use PluckyWren\Core\Fit\Files\Fields;
use PluckyWren\Core\Fit\Files\MalformedFile;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Stash\LotLimits;
use PluckyWren\Core\Stash\Said;
use PluckyWren\Core\Stash\SaidFields;

/** What was said of a thing itself, in the box file: lengths in millimetres. */
final class SaidOfPiece
{
    private const LENGTHS = ['smallest', 'hollow', 'mouth'];

    /** @throws MalformedFile */
    public static function read(Fields $fields): Said
    {
        $smallest = self::lengths($fields, 'smallest', [0, 3]);
        $hollow = self::lengths($fields, 'hollow', [0, 2, 3]);
        $said = new Said(
            $fields->has('form') ? $fields->choice('form', Form::class) : null,
            $fields->has('solid') && $fields->truth('solid'),
            count($smallest) === 3 ? new Size($smallest[0], $smallest[1], $smallest[2]) : null,
            $fields->has('cord') ? $fields->tenths('cord', mostMm: 100_000) : null,
            $fields->has('grams') ? $fields->whole('grams', 1, LotLimits::GRAMS) : null,
            SaidFields::hollow($hollow, self::lengths($fields, 'mouth', [0, 1, 2])),
        );
        $fields->nothingElse();

        return $said;
    }

    /** @return array<string, mixed>|null null where nothing was said */
    public static function write(Said $said): ?array
    {
        $written = SaidFields::written($said);
        $lengths = [];
        foreach (self::LENGTHS as $name) {
            if (isset($written[$name])) {
                $lengths[$name] = array_map(self::mm(...), $written[$name]);
            }
        }
        if (isset($written['cord'])) {
            $lengths['cord'] = self::mm($written['cord']);
        }

        return $written === [] ? null : [...$written, ...$lengths];
    }

    private static function mm(int $tenths): int|float
    {
        return $tenths % 10 === 0 ? intdiv($tenths, 10) : $tenths / 10;
    }

    /**
     * @param  list<int>  $counts  how many there may be
     * @return list<int> tenths of a millimetre
     *
     * @throws MalformedFile
     */
    private static function lengths(Fields $fields, string $name, array $counts): array
    {
        $lengths = [];
        foreach ($fields->has($name) ? $fields->list($name) : [] as $mm) {
            $lengths[] = (is_int($mm) || is_float($mm)) && $mm > 0 && $mm <= 2000
                ? (int) round($mm * 10)
                : $fields->refuse($name, 'must be lengths in millimetres');
        }

        return in_array(count($lengths), $counts, true)
            ? $lengths
            : $fields->refuse($name, 'must be lengths in millimetres');
    }
}
