<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\PostgresConnection;

/** A text that somebody looks for anywhere in a column, in small letters or large. */
final class Contains
{
    private const ESCAPE = '!';

    /**
     * @template TQuery of Builder
     *
     * @param  TQuery  $query
     * @return TQuery
     */
    public static function text(Builder $query, string $column, string $text, string $boolean = 'and'): Builder
    {
        $like = $query->getConnection() instanceof PostgresConnection ? 'ilike' : 'like';
        $pattern = '%'.preg_replace('/[%_!]/', self::ESCAPE.'$0', $text).'%';
        $query->whereRaw("{$column} {$like} ? escape '".self::ESCAPE."'", [$pattern], $boolean);

        return $query;
    }
}
