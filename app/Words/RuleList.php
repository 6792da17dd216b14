<?php

declare(strict_types=1);

namespace App\Words;

use Illuminate\Support\Facades\Lang;
use PluckyWren\Core\Guide\Rules\Rule;
use PluckyWren\Core\Guide\Rules\RuleBook;
use PluckyWren\Core\Guide\Weight;
use ReflectionClass;

/** Every rule as a text to read: what it notices, on whose figures, and each thing it may say with its weight. */
final readonly class RuleList
{
    private const PARTS = ['about', 'why', 'remedy', 'figures'];

    public function of(RuleBook $rules): string
    {
        $list = array_map($this->rule(...), $rules->rules);

        return implode("\n", [
            '# The rules',
            '',
            'Written by `php artisan rules:list` from the rules’ cards and `lang/en/guides/rules.php`; a test keeps '
                .'it true.',
            'These are cautions, not certificates: the drive’s guide and the law where you are come first. What a',
            'drive itself bars or asks for stands in its guide; the first rule reads it from there.',
            '',
            '| id | weight | what it says | on whose figures |',
            '|---|---|---|---|',
            ...array_merge(...$list),
            '',
        ]);
    }

    /** @return list<string> a line for each thing that a rule may say */
    private function rule(Rule $rule): array
    {
        $card = $rule->card();
        $name = (new ReflectionClass($rule))->getShortName();
        $lines = [];
        foreach ($card->says as $key => $weights) {
            $said = array_map(
                static fn (Weight $weight): string => Words::of("plan/gauges.weights.{$weight->value}"),
                $weights,
            );
            $lines[] = "| `{$key}` ({$name}) | ".implode(', ', $said)." | {$this->words($key)} | {$card->source} |";
        }

        return $lines;
    }

    private function words(string $key): string
    {
        $parts = array_filter(
            array_map(static fn (string $part): string => "guides/rules.{$key}.{$part}", self::PARTS),
            Lang::has(...),
        );

        return str_replace('|', '/', implode('<br>', array_map(Words::of(...), $parts)));
    }
}
