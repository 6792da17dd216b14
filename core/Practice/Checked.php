<?php

declare(strict_types=1);

namespace PluckyWren\Core\Practice;

use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\NeedState;
use PluckyWren\Core\Guide\Rules\RuleBook;
use PluckyWren\Core\Stash\Preparation\TasksInACircle;

/** What the drive's checkers find in a practice box, by the rules that judge any box, and how much somebody found. */
final readonly class Checked
{
    /**
     * @param  array<string, non-empty-list<Finding>>  $wrong  by the piece's id, why it may not go in
     * @param  array<string, NeedState>  $missing  by the need's id
     */
    private function __construct(public array $wrong, public array $missing) {}

    /** @throws TasksInACircle */
    public static function of(Plan $plan, RuleBook $rules): self
    {
        $box = new BoxContents($plan->guide, $plan->recipient, $plan->held());
        $wrong = [];
        foreach ($rules->findingsIn($box)->toMend()->all as $finding) {
            foreach ($finding->pieces as $piece) {
                $wrong[$piece][] = $finding;
            }
        }

        return new self($wrong, array_column(
            array_map(static fn (NeedState $state): array => [$state->need->id, $state], $box->needs()->missing()),
            1,
            0,
        ));
    }

    /**
     * One point for each thing found, one off for each that is fine; never below nothing.
     *
     * @param  list<string>  $out  pieces that somebody would take out
     * @param  list<string>  $lacks  needs that somebody calls missing
     */
    public function score(array $out, array $lacks): int
    {
        $right = count(array_intersect($out, array_keys($this->wrong)))
            + count(array_intersect($lacks, array_keys($this->missing)));
        $false = count(array_diff($out, array_keys($this->wrong)))
            + count(array_diff($lacks, array_keys($this->missing)));

        return max(0, $right - $false);
    }

    /** @param bool $withMissing whether what is missing is asked for too */
    public function most(bool $withMissing): int
    {
        return count($this->wrong) + ($withMissing ? count($this->missing) : 0);
    }
}
