<?php

declare(strict_types=1);

use Bench\Fit\Families;
use Bench\Fit\ProcessorClock;
use PluckyWren\Core\Box\Bench\Packed;
use PluckyWren\Core\Box\Bench\Press;
use PluckyWren\Core\Box\Bench\Proposals;
use PluckyWren\Core\Box\Bench\Refusal;
use PluckyWren\Core\Fit\Answer\Trial;
use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Check\Validator;
use PluckyWren\Core\Fit\Moves\Move;
use PluckyWren\Core\Fit\Solve\CornerSolver;

/*
 * What it takes to plan again at the bench, after a piece half-way through did not go in: milliseconds of processor
 * time for all proposals together, in boxes cut up into 10, 20 and 40 pieces of which a third is taken away. Every
 * proposal is judged by the validator. `php -d opcache.enable_cli=1 -d opcache.jit=tracing -d
 * opcache.jit_buffer_size=64M bench/bench.php [boxes]`
 */

require __DIR__.'/../vendor/autoload.php';

$boxes = max(5, (int) ($argv[1] ?? 30));
foreach ([10, 20, 40] as $pieces) {
    $times = [];
    $proposed = 0;
    for ($seed = 1; $seed <= $boxes; $seed++) {
        $whole = Families::cutInto($seed, (int) round($pieces * 1.5));
        $problem = $whole->without(array_fill_keys(array_column(array_slice($whole->items, $pieces), 'id'), 1));
        $plan = (new CornerSolver)->solve($problem, Budget::ofAttempts(20));
        $moves = Move::of($plan->placements);
        $packed = Packed::after(array_map(
            static fn (Move $move): Press => Press::in($move->placements),
            array_slice($moves, 0, intdiv(count($moves), 2)),
        ));
        $refused = $moves[intdiv(count($moves), 2)]->first();
        $clock = new ProcessorClock;
        $proposals = (new Proposals(new Trial(
            new CornerSolver,
            static fn (): Budget => Budget::ofAttempts(100_000)->cutAt(35, new ProcessorClock),
        )))->for($problem, $packed, $refused->id, $refused->parts[0], Refusal::Unliked);
        $times[] = $clock->elapsedMs();
        foreach ($proposals as $proposal) {
            $without = $proposal->out === null ? $packed : array_reduce(
                $packed->free(),
                static fn (Packed $left, Move $move): Packed => $move->first()->id === $proposal->out
                    ? $left->without($move)
                    : $left,
                $packed,
            );
            $of = $proposal->way === 'behind' ? $packed->leavingBehind($problem, $refused->id) : $problem;
            $broken = Validator::ofAllRules()->breaches($without->around($of), $proposal->plan);
            $broken === [] || throw new RuntimeException("{$pieces} pieces, seed {$seed}: ".implode('; ', $broken));
            $proposed++;
        }
    }
    sort($times);
    printf(
        "%d pieces: %.0f ms in the middle, %.0f ms at most, %.1f proposals each\n",
        $pieces,
        $times[intdiv($boxes, 2)],
        $times[$boxes - 1],
        $proposed / $boxes,
    );
}
