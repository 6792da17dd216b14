<?php

declare(strict_types=1);

namespace App\Editing;

use Illuminate\Database\Eloquent\Model;

/**
 * Two people at one form: what only one of them changed is kept of each; what both changed is asked about. A form carries a short
 * print of each group of columns as it was when the form was opened; columns that only make sense together are one group.
 */
final readonly class ThreeWay
{
    /** @param array<string, list<string>> $groups columns by the name of the field they are shown as */
    public function __construct(private array $groups) {}

    /** @return string what a form carries along: a print of each group, as JSON */
    public function prints(Model $model): string
    {
        return json_encode(array_map(fn (array $columns): string => self::print($model, $columns), $this->groups), JSON_THROW_ON_ERROR);
    }

    /**
     * Put into a fresh model what was typed, as far as it was changed; say which groups both changed, each otherwise.
     *
     * @param  string  $was  the prints that the form carried; where it carried none, what was typed stands
     * @param  Model  $fresh  as it is in the table now
     * @param  Model  $typed  as the form would have it
     * @param  bool  $takesTheirs  whether what both changed stays as it is in the table
     * @return list<string> the names of the groups that both changed
     */
    public function merge(string $was, Model $fresh, Model $typed, bool $takesTheirs): array
    {
        $prints = json_decode($was, true, 3);
        $both = [];
        foreach ($this->groups as $name => $columns) {
            $base = is_array($prints) ? ($prints[$name] ?? null) : null;
            [$now, $mine] = [self::print($fresh, $columns), self::print($typed, $columns)];
            if ($mine === $now || $mine === $base) {
                continue;
            }
            if ($base !== null && $now !== $base) {
                $both[] = $name;
                if ($takesTheirs) {
                    continue;
                }
            }
            $fresh->setRawAttributes([...$fresh->getAttributes(), ...array_intersect_key($typed->getAttributes(), array_flip($columns))]);
        }

        return $both;
    }

    /** @param list<string> $columns */
    private static function print(Model $model, array $columns): string
    {
        $values = array_map(static fn (string $column): string => self::plain($model->getAttributes()[$column] ?? null), $columns);

        return substr(hash('sha256', implode("\x1F", $values)), 0, 12);
    }

    private static function plain(mixed $value): string
    {
        return is_bool($value) ? (string) (int) $value : (is_scalar($value) ? (string) $value : '');
    }
}
