<?php

declare(strict_types=1);

namespace App\Editing;

use App\Refusals\ChangedMeanwhile;
use Illuminate\Database\Eloquent\Model;

/**
 * Two people at one form: what only one of them changed is kept of each; what both changed is asked about. A form
 * carries a short print of each group of columns as it was when the form was opened; columns that only make sense
 * together are one group.
 */
final readonly class ThreeWay
{
    /** @param array<string, list<string>> $groups columns by the name of the field they are shown as */
    public function __construct(private array $groups) {}

    /** @return string what a form carries along: a print of each group, as JSON */
    public function prints(Model $model): string
    {
        return json_encode(
            array_map(fn (array $columns): string => self::print($model, $columns), $this->groups),
            JSON_THROW_ON_ERROR,
        );
    }

    /**
     * Put into a fresh model what was typed, as far as it was changed.
     *
     * @template M of Model
     *
     * @param  string  $was  the prints that the form carried; where it carried none, what was typed stands
     * @param  M  $fresh  as it is in the table now
     * @param  M  $typed  as the form would have it
     * @param  bool  $takesTheirs  whether what both changed stays as it is in the table
     * @param  callable(M, string): string  $told  says in words what a group is now
     *
     * @throws ChangedMeanwhile If both changed the same, and nobody said whose stays.
     */
    public function merge(string $was, Model $fresh, Model $typed, bool $takesTheirs, callable $told): void
    {
        $prints = json_decode($was, true, 3);
        $there = clone $fresh;
        $both = [];
        foreach ($this->groups as $name => $columns) {
            $base = is_array($prints) ? ($prints[$name] ?? null) : null;
            [$now, $mine] = [self::print($there, $columns), self::print($typed, $columns)];
            if ($mine === $now || $mine === $base) {
                continue;
            }
            if ($base !== null && $now !== $base) {
                $both[] = $name;
            } else {
                $fresh->setRawAttributes([
                    ...$fresh->getAttributes(), ...array_intersect_key($typed->getAttributes(), array_flip($columns)),
                ]);
            }
        }
        $both === []
            || $takesTheirs
            || throw ChangedMeanwhile::fields(
                array_map(static fn (string $name): string => $told($there, $name), $both),
            );
    }

    /** @param list<string> $columns */
    private static function print(Model $model, array $columns): string
    {
        $values = array_map(
            static fn (string $column): string => self::plain($model->getAttributes()[$column] ?? null),
            $columns,
        );

        return substr(hash('sha256', implode("\x1F", $values)), 0, 12);
    }

    private static function plain(mixed $value): string
    {
        return is_bool($value) ? (string) (int) $value : (is_scalar($value) ? (string) $value : '');
    }
}
