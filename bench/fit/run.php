<?php

declare(strict_types=1);

use Bench\Fit\Families;
use Bench\Fit\KitchenTable;
use Bench\Fit\ProcessorClock;
use Bench\Fit\TableTally;
use Bench\Fit\Tally;
use PluckyWren\Core\Box\FitProblem;
use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Solve\CornerSolver;

/*
 * How much of problems that are known to have an answer is packed, in 200 and in 50 milliseconds of processor time
 * each; how that compares with binpackingjs; and how a attempt grows with the number of pieces. Prints a table,
 * and writes it to RESULTS.md beside this file. `php -d opcache.enable_cli=1 -d opcache.jit=tracing -d
 * opcache.jit_buffer_size=64M bench/fit/run.php [problems a family] [part of a family's name]`
 */

require __DIR__.'/../../vendor/autoload.php';

$problems = max(5, (int) ($argv[1] ?? 100));
/**
 * @var array<string, array{Closure(int): Problem, int, bool}> $families with how many of a hundred are to be packed
 *     whole, and whether all is rigid
 */
$families = [
    'cut up, 20 % off' => [static fn (int $seed): Problem => Families::cut($seed, 0.20), 92, true],
    'cut up, 15 % off' => [static fn (int $seed): Problem => Families::cut($seed, 0.15), 65, true],
    'natural mixtures, up to 70 % full' => [static fn (int $seed): Problem => Families::natural($seed, 0.70), 95, true],
    'mixed forms, 12 % off, straight' => [
        static fn (int $seed): Problem => Families::mixed($seed, 0.12, false),
        75,
        false,
    ],
    'mixed forms, 12 % off, tapered' => [
        static fn (int $seed): Problem => Families::mixed($seed, 0.12, true),
        75,
        false,
    ],
];
/** The volume that binpackingjs leaves out of the same problems, given the lid's own give too. */
$compared = static function (array $given): float {
    $process = proc_open(['node', __DIR__.'/compare.mjs'], [['pipe', 'r'], ['pipe', 'w'], STDERR], $pipes, __DIR__);
    if ($process === false) {
        throw new RuntimeException('Node did not start.');
    }
    fwrite($pipes[0], json_encode(array_map(static fn (Problem $problem): array => [
        'box' => [$problem->box->topLength, $problem->box->topWidth, $problem->box->height + $problem->box->bulge],
        'items' => array_map(static fn (Item $item): array => $item->size->sides(), array_values($problem->singles())),
    ], $given), JSON_THROW_ON_ERROR));
    fclose($pipes[0]);
    $leftOut = json_decode((string) stream_get_contents($pipes[1]), true, flags: JSON_THROW_ON_ERROR);
    proc_close($process);

    return (float) array_sum($leftOut);
};
/** Milliseconds that one attempt of so many pieces takes, the median of boxes cut up. */
$attempt = static function (int $pieces): float {
    $times = [];
    for ($seed = 1; $seed <= 15; $seed++) {
        $problem = Families::cutInto($seed, $pieces);
        $clock = new ProcessorClock;
        for ($at = 0; $at < 4; $at++) {
            (new CornerSolver)->solve($problem, Budget::ofAttempts(10), $seed + $at);
        }
        $times[] = $clock->elapsedMs() / 40;
    }
    sort($times);

    return $times[7];
};

$rows = [];
foreach ($families as $name => [$make, $reach, $isRigid]) {
    if (isset($argv[2]) && ! str_contains($name, $argv[2])) {
        continue;
    }
    [$long, $short, $given] = [new Tally(200), new Tally(50), []];
    for ($seed = 1; $seed <= $problems; $seed++) {
        $given[] = $problem = $make($seed);
        try {
            $long->add($problem);
            $short->add($problem);
        } catch (RuntimeException $invalid) {
            throw new RuntimeException("{$name}, seed {$seed}: {$invalid->getMessage()}");
        }
    }
    $others = $isRigid ? $compared($given) : null;
    $rows[] = [
        $name, sprintf('%.0f %%', $long->wholePercent()), "{$reach} %", sprintf('%.2f', $long->leftOutPercent()),
        sprintf('%.2f', $short->leftOutPercent() - $long->leftOutPercent()),
        $others === null ? '–' : sprintf('%.2f', $long->leftOut / max(1.0, $others)),
        sprintf('%.0f', $long->attempts / $problems),
    ];
    fprintf(STDERR, "%s\n", implode('  ', $rows[array_key_last($rows)]));
}
$tables = '';
if (! isset($argv[2]) || str_contains('kitchen', $argv[2])) {
    $kitchen = new KitchenTable;
    [$table, $briefly] = [new TableTally(200), new TableTally(50)];
    for ($seed = 1; $seed <= 2 * $problems; $seed++) {
        $plan = $kitchen->plan($seed);
        $share = $kitchen->share($plan);
        $table->add(FitProblem::of($plan), $share);
        $briefly->add(FitProblem::of($plan), $share);
    }
    ksort($table->closedAmong);
    $among = '';
    foreach ($table->closedAmong as $which => [$closed, $boxes]) {
        $among .= "| {$which} | {$closed} of {$boxes} | {$briefly->closedAmong[$which][0]} |\n";
    }
    $tables = sprintf(
        "\n| boxes as people compose them | in 200 ms | in 50 ms | asked |\n|---|--:|--:|--:|\n"
        .str_repeat("| %s | %s | %s | %s |\n", 6),
        'closed', sprintf('%.1f %%', 100 * $table->closed / $table->boxes),
        sprintf('%.1f %%', 100 * $briefly->closed / $briefly->boxes), '90 %',
        'moves a piece', sprintf('%.2f', $table->moves / $table->pieces),
        sprintf('%.2f', $briefly->moves / $briefly->pieces), '0.65',
        'flat area on the floor', sprintf('%.0f %%', 100 * $table->onFloor / $table->boxes),
        sprintf('%.0f %%', 100 * $briefly->onFloor / $briefly->boxes), '85 %',
        'of what could lie there side by side', sprintf('%.0f %%', 100 * $table->onFloor / $table->couldLie),
        sprintf('%.0f %%', 100 * $briefly->onFloor / $briefly->couldLie), '–',
        'lead gift seen first', sprintf('%.1f %%', 100 * $table->leadSeen / $table->withLead),
        sprintf('%.1f %%', 100 * $briefly->leadSeen / $briefly->withLead), '90 %',
        'boxes with private wear in sight', $table->privateSeen, $briefly->privateSeen, '0',
    )."\n| closed of those | in 200 ms | in 50 ms |\n|---|--:|--:|\n{$among}";
    fwrite(STDERR, $tables);
}
$growth = $attempt(45) / $attempt(15);
$head = [
    'family',
    'packed whole',
    'to reach',
    'points of room left out',
    'more of them in 50 ms',
    'volume out / binpackingjs',
    'attempts',
];
$lines = '| '.implode(' | ', $head)." |\n|---|--:|--:|--:|--:|--:|--:|\n".implode(
    '',
    array_map(static fn (array $row): string => '| '.implode(' | ', $row)." |\n", $rows),
);
$text = $lines.$tables.sprintf(
    "\nOne attempt for 45 pieces costs %.1f times one for 15 (at most 15 are allowed).\n",
    $growth,
);
echo $text;
if (! isset($argv[2])) {
    file_put_contents(
        __DIR__.'/RESULTS.md',
        strtr((string) file_get_contents(__DIR__.'/RESULTS.template.md'), [
            '{{problems}}' => (string) $problems,
            '{{table}}' => rtrim($text),
        ]),
    );
}
