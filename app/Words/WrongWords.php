<?php

declare(strict_types=1);

namespace App\Words;

use Illuminate\Support\Facades\Lang;
use PluckyWren\Core\Stash\Reading\Wrong;

/** What is wrong with a field of a lot, as it is said beside the field, or in the list of a file's rows. */
final class WrongWords
{
    public static function besideField(string $field, Wrong $wrong): string
    {
        return $wrong->why !== null ? WhyWords::said($wrong->why) : Words::of(
            match (true) {
                $wrong->says === 'max' && $field === 'name' => 'gather/stash.wrong.name-max',
                $wrong->says === 'number' => "gather/stash.wrong.{$field}",
                $wrong->says === 'day' => "gather/stash.wrong.{$field}",
                default => "gather/stash.wrong.{$wrong->says}",
            },
            $wrong->with,
        );
    }

    /** @param string $column what the field is called in the file */
    public static function inFile(string $column, Wrong $wrong): string
    {
        return match (true) {
            $wrong->why !== null => WhyWords::said($wrong->why),
            $wrong->says === 'max' => ucfirst($column).': '.lcfirst(Words::of('gather/stash.wrong.max', $wrong->with)),
            Lang::has("gather/import.wrong.{$wrong->says}") => Words::of(
                "gather/import.wrong.{$wrong->says}",
                [...$wrong->with, 'column' => $column],
            ),
            default => self::besideField($column, $wrong),
        };
    }
}
