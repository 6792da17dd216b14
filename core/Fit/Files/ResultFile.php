<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Files;

use PluckyWren\Core\Fit\Closure;
use PluckyWren\Core\Fit\LeftOut;
use PluckyWren\Core\Fit\Reason;
use PluckyWren\Core\Fit\Result;
use PluckyWren\Core\Fit\Verdict;

/** The result file, `plucky-wren/fit-result@1`. */
final class ResultFile
{
    public const FORMAT = 'plucky-wren/fit-result@1';

    /** @throws MalformedFile If the text is not a result; the message names $file and the field. */
    public static function read(string $json, string $file): Result
    {
        return self::ofFields(Fields::ofJson($json, $file));
    }

    /** @throws MalformedFile */
    public static function ofFields(Fields $fields): Result
    {
        $fields->format(self::FORMAT);
        $result = new Result(
            array_map(PlacementFields::read(...), $fields->objects('placements')),
            array_map(self::leftOut(...), $fields->objects('left_out')),
            $fields->has('closure') ? self::closure($fields->object('closure')) : null,
            $fields->has('fill') ? $fields->number('fill', 0, 2) : null,
            $fields->has('seed') ? $fields->whole('seed', 0, PHP_INT_MAX) : 1,
            $fields->has('constructions') ? $fields->whole('constructions', 0, PHP_INT_MAX) : 0,
        );
        array_map($fields->ignore(...), ['closure', 'fill', 'seed', 'constructions']);
        $fields->nothingElse();

        return $result;
    }

    public static function write(Result $result): string
    {
        $fields = [
            'format' => self::FORMAT,
            'placements' => array_map(PlacementFields::write(...), $result->placements),
            'left_out' => array_map(
                static fn (LeftOut $out): array => ['id' => $out->id, 'reason' => $out->reason->value],
                $result->leftOut,
            ),
        ];
        if ($result->closure !== null) {
            $fields['closure'] = self::closureFields($result->closure);
        }

        return json_encode(
            $fields + ['fill' => $result->fill, 'seed' => $result->seed, 'constructions' => $result->attempts],
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }

    /** @throws MalformedFile */
    private static function leftOut(Fields $fields): LeftOut
    {
        $out = new LeftOut($fields->text('id'), $fields->choice('reason', Reason::class));
        $fields->nothingElse();

        return $out;
    }

    /** @throws MalformedFile */
    private static function closure(Fields $fields): Closure
    {
        $closure = Closure::recorded(
            $fields->choice('verdict', Verdict::class),
            $fields->number('proud_mm', 0, 2000),
            $fields->number('press', 0, 1),
            $fields->number('dome_mm', 0, 2000),
        );
        if ($fields->whole('bands', 0, 3) !== $closure->verdict->bands()) {
            $fields->refuse(
                'bands',
                "must be {$closure->verdict->bands()} where the lid closes {$closure->verdict->value}",
            );
        }
        $fields->nothingElse();

        return $closure;
    }

    /** @return array<string, mixed> */
    private static function closureFields(Closure $closure): array
    {
        return [
            'verdict' => $closure->verdict->value,
            'bands' => $closure->verdict->bands(),
            'proud_mm' => PlacementFields::tidy($closure->proudMm),
            'press' => PlacementFields::tidy($closure->press),
            'dome_mm' => PlacementFields::tidy($closure->domeMm),
        ];
    }
}
