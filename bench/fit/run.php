<?php

declare(strict_types=1);

use Bench\Fit\Families;
use Bench\Fit\ProcessorClock;
use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Check\Validator;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Solve\CornerSolver;

/*
 * How much of problems that are known to have an answer is packed, at so many milliseconds each; every result is judged by the validator.
 * `php -d opcache.enable_cli=1 -d opcache.jit=function -d opcache.jit_buffer_size=64M bench/fit/run.php [problems a family] [ms]`
 */

require __DIR__.'/../../vendor/autoload.php';
require __DIR__.'/Families.php';
require __DIR__.'/ProcessorClock.php';

$problems = max(5, (int) ($argv[1] ?? 100));
$ms = (float) ($argv[2] ?? 200);
/** @var array<string, array{callable(int): Problem, int}> $families with how many of a hundred are to be packed whole */
$families = [
    'cut up, 20 % taken off the top' => [static fn (int $seed): Problem => Families::cut($seed, 0.20), 92],
    'cut up, 15 % taken off the top' => [static fn (int $seed): Problem => Families::cut($seed, 0.15), 65],
    'natural mixtures, 70 % full' => [static fn (int $seed): Problem => Families::natural($seed, 0.70), 95],
    'mixed forms, 12 % off, straight' => [static fn (int $seed): Problem => Families::mixed($seed, 0.12, false), 75],
    'mixed forms, 12 % off, tapered' => [static fn (int $seed): Problem => Families::mixed($seed, 0.12, true), 75],
];
printf("%-34s %8s %10s %14s %9s\n", 'family', 'whole', 'to reach', 'volume out', 'built');
foreach ($families as $name => [$make, $reach]) {
    if (isset($argv[3]) && ! str_contains($name, $argv[3])) {
        continue;
    }
    $whole = $volume = $out = $constructions = 0;
    for ($seed = 1; $seed <= $problems; $seed++) {
        $problem = $make($seed);
        $result = (new CornerSolver)->solve($problem, Budget::ofConstructions(100_000)->cutAt($ms, new ProcessorClock), 1);
        $broken = Validator::ofAllRules()->breaches($problem, $result);
        $broken === [] || throw new RuntimeException("{$name}, seed {$seed}: ".implode('; ', $broken));
        $left = array_column(array_map(static fn ($one): array => [$one->id], $result->leftOut), 0);
        foreach ($problem->singles() as $item) {
            $volume += $item->size->volume();
            $out += in_array($item->id, $left, true) ? $item->size->volume() : 0;
        }
        $whole += $left === [] ? 1 : 0;
        $constructions += $result->constructions ?? 0;
    }
    printf("%-34s %6.1f %% %8d %% %12.2f %% %9.1f\n", $name, 100 * $whole / $problems, $reach, 100 * $out / $volume, $constructions / $problems);
}
