<?php

declare(strict_types=1);

use Bench\Choose\Program;
use Bench\Choose\Stashes;
use Bench\Fit\ProcessorClock;
use PluckyWren\Core\Box\Filling\Candidate;
use PluckyWren\Core\Box\Filling\Filling;
use PluckyWren\Core\Box\Filling\Tried;
use PluckyWren\Core\Box\Filling\Way;
use PluckyWren\Core\Box\Filling\Worth;
use PluckyWren\Core\Box\FitProblem;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Check\Validator;
use PluckyWren\Core\Fit\Solve\CornerSolver;
use PluckyWren\Core\Guide\Rules\RuleBook;

/*
 * How near “Fill it for me” comes to the best there is, and what it takes. The best is bounded from above by an exact
 * solver over a looser question (`Program`): everything poured into the box as far as it can be pressed. What is
 * proposed is packed for real, each packing judged by the validator. Beside the whole value, of which the must-haves
 * are nearly all, stands what is beyond those that the proposal has.
 * `php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M bench/choose/run.php [crews]
 * [lots] [attempts a packing]`
 */

require __DIR__.'/../../vendor/autoload.php';

const TOO_SLOW_TO_BOUND = 2_000;

$crews = max(1, (int) ($argv[1] ?? 50));
$lots = max(1, (int) ($argv[2] ?? 600));
$patience = max(1, (int) ($argv[3] ?? 8));
$rules = RuleBook::ofAllRules();
$rows = [];
$programs = '';
for ($seed = 1; $seed <= $crews; $seed++) {
    [$plan, $candidates] = Stashes::draw($seed, $lots);
    $way = Way::cases()[$seed % 3];
    $last = null;
    $clock = new ProcessorClock;
    $try = static function (Plan $then, bool $atAGlance) use (&$last, $patience): Tried {
        $problem = FitProblem::of($then);
        $attempts = $atAGlance ? intdiv($patience + 1, 2) : $patience;
        $result = (new CornerSolver)->solve($problem, Budget::ofAttempts($attempts));
        $tried = Tried::of($result);
        $last = $tried->closes ? [$problem, $result] : $last;

        return $tried;
    };
    $proposal = (new Filling($plan, $candidates, $way, $rules, $try))->proposal();
    $took = $clock->elapsedMs();
    $broken = $last === null ? ['nothing closes'] : Validator::ofAllRules()->breaches(...$last);
    $broken === [] || throw new RuntimeException("Crew {$seed}: ".implode('; ', $broken));
    // What does not go in alone is left out of both sides of the comparison.
    $goesIn = static fn (Candidate $one): bool => Tried::of((new CornerSolver)->solve(
        FitProblem::of($plan->withPicked($one->one)),
        Budget::ofAttempts(100),
    ))->closes;
    $worth = new Worth($way, $plan->boxKind->inside->volume());
    $program = new Program($plan, array_values(array_filter($candidates, $goesIn)), $worth);
    [$value, $musts] = $program->worthOf($proposal->chosen);
    $rows[] = [$seed, $value, $musts, $took, count($proposal->givenUp), $proposal->closes];
    if ($lots <= TOO_SLOW_TO_BOUND) {
        $programs .= json_encode($program->text(), JSON_THROW_ON_ERROR)."\n";
    }
}
$times = array_column($rows, 3);
sort($times);
printf(
    "%d crews with %d lots: %.0f ms of processor time in the middle, %.0f at most; %d of %d close\n",
    $crews,
    $lots,
    $times[intdiv($crews, 2)],
    max($times),
    count(array_filter(array_column($rows, 5))),
    $crews,
);
if ($programs === '') {
    exit;
}
$input = tempnam(sys_get_temp_dir(), 'fill');
file_put_contents($input, $programs);
exec('node '.escapeshellarg(__DIR__.'/optimum.mjs').' < '.escapeshellarg($input), $lines, $failed);
unlink($input);
$failed === 0 || throw new RuntimeException('The exact solver failed.');
$whole = $beyond = [];
foreach ($rows as $at => [$seed, $value, $musts, $took, $givenUp]) {
    $bound = json_decode($lines[$at], true, 8, JSON_THROW_ON_ERROR);
    $bound['status'] === 'Optimal' || throw new RuntimeException("Crew {$seed}: {$bound['status']}.");
    $whole[$seed] = $value / $bound['value'];
    $beyond[$seed] = ($value - $musts) / ($bound['value'] - $musts);
    printf('crew %d: %.2f of at most %.2f, %d given up', $seed, $value, $bound['value'], $givenUp);
    printf(", %.0f ms\n", $took);
}
sort($whole);
sort($beyond);
printf("the whole: at least %.4f, %.4f on average\n", $whole[0], array_sum($whole) / count($whole));
printf(
    "beyond the must-haves: at least %.4f, %.4f in the middle, %.4f on average\n",
    $beyond[0],
    $beyond[intdiv(count($beyond), 2)],
    array_sum($beyond) / count($beyond),
);
