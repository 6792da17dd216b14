<?php

declare(strict_types=1);

namespace Bench\Choose;

use PluckyWren\Core\Box\Filling\Candidate;
use PluckyWren\Core\Box\Filling\Chosen;
use PluckyWren\Core\Box\Filling\Worth;
use PluckyWren\Core\Box\Foretelling;
use PluckyWren\Core\Box\Gauges;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Guide\Need;
use PluckyWren\Core\Guide\Rules\RuleBook;
use PluckyWren\Core\Guide\Weight;

/**
 * What “Fill it for me” looks for, as an integer program: so many of each thing for each need and wish, one or none of
 * it beside these. It is looser than what is looked for (a thing may be shared by several needs, and everything may be
 * poured into the box), so that its best is never less.
 */
final class Program
{
    /** @var array<string, Candidate> what the rules let in at all, by id */
    private array $usable = [];

    /** @var array<string, true> */
    private array $askedAbout = [];

    /** @param list<Candidate> $candidates */
    public function __construct(private readonly Plan $plan, array $candidates, private readonly Worth $worth)
    {
        $rules = RuleBook::ofAllRules();
        $now = Gauges::of($plan, null, $rules);
        $foretelling = new Foretelling($plan, $rules);
        foreach ($candidates as $candidate) {
            $then = $foretelling->picked($candidate->one);
            if (count($then->flags->toMend()) <= count($now->flags->toMend())) {
                $this->usable[$candidate->id] = $candidate;
                if (count($then->flags->ofWeight(Weight::Ask)) > count($now->flags->ofWeight(Weight::Ask))) {
                    $this->askedAbout[$candidate->id] = true;
                }
            }
        }
    }

    /** In the “lp” format. */
    public function text(): string
    {
        $value = $cost = $bulk = $bounds = $integers = $ofKind = $ofLot = $rows = [];
        foreach ($this->slots() as $slot => [$need, $lacks, $worth]) {
            $there = [];
            foreach ($this->usable as $id => $candidate) {
                if ($need->takesKind($candidate->one->kind)) {
                    $name = "q{$slot}_".substr($id, 4);
                    $there[] = $name;
                    $value[$name] = ($worth + $this->of($candidate)) / $lacks;
                    $bounds[] = "0 <= {$name} <= ".min($lacks, $candidate->free);
                    $this->count($name, $candidate, $cost, $bulk, $ofLot);
                    $ofKind[$candidate->one->kind->id]['needs'][$name] = $lacks;
                }
            }
            if ($there !== []) {
                $rows[] = implode(' + ', $there)." <= {$lacks}";
            }
        }
        $extras = [];
        foreach ($this->usable as $id => $candidate) {
            if ($this->of($candidate) > 0) {
                $name = 'e'.substr($id, 4);
                $extras[] = $name;
                $value[$name] = $this->of($candidate);
                $bounds[] = "0 <= {$name} <= 1";
                $this->count($name, $candidate, $cost, $bulk, $ofLot);
                $ofKind[$candidate->one->kind->id]['extras'][] = $name;
            }
        }
        $rows[] = implode(' + ', $extras).' <= '.Worth::MOST_EXTRAS;
        foreach ($ofLot as $id => $names) {
            $rows[] = implode(' + ', $names)." <= {$this->usable[$id]->free}";
        }
        foreach ($ofKind as $names) {
            if (isset($names['extras'])) {
                $rows[] = implode(' + ', $names['extras']).' <= 1';
                foreach ($names['needs'] ?? [] as $name => $lacks) {
                    $rows[] = "{$name} + {$lacks} ".implode(" + {$lacks} ", $names['extras'])." <= {$lacks}";
                }
            }
        }
        $rows[] = self::sum($bulk).' <= 1000';
        $money = $this->plan->funds->budget?->minus($this->plan->funds->sendingGift)->minor;
        if ($money !== null) {
            $rows[] = self::sum($cost).sprintf(' <= %.3F', $money + 0.499);
        }

        return "Maximize\n obj: ".self::sum($value)."\nSubject To\n ".implode("\n ", $rows)
            ."\nBounds\n ".implode("\n ", $bounds)."\nGeneral\n ".implode(' ', array_keys($value))."\nEnd\n";
    }

    /**
     * What a proposal is worth by the program's own measure.
     *
     * @param  list<Chosen>  $chosen
     * @return array{float, float} and what of that the must-haves are by themselves, whatever fills them
     */
    public function worthOf(array $chosen): array
    {
        $value = 0.0;
        $counts = [];
        foreach ($chosen as $one) {
            if ($one->for === null) {
                $value += $this->of($one->candidate);
            }
            $counts[(string) $one->for][] = $one;
        }
        $musts = 0.0;
        foreach ($this->slots() as [$need, $lacks, $worth]) {
            foreach ($counts[$need->name] ?? [] as $one) {
                $value += ($worth + $this->of($one->candidate)) * $one->quantity / $lacks;
                $musts += $worth > Worth::WISH ? $worth * $one->quantity / $lacks : 0.0;
            }
        }

        return [$value, $musts];
    }

    /** @return list<array{Need, int, float}> */
    private function slots(): array
    {
        $slots = [];
        foreach ($this->plan->guide->needsFilled($this->plan->recipient, [])->missing() as $at => $state) {
            $slots[] = [$state->need, $state->lacks(), Worth::MUST - $at];
        }
        foreach ($this->plan->guide->wishes as $wish) {
            if ($wish->countFor($this->plan->recipient) > 0) {
                $slots[] = [$wish, $wish->countFor($this->plan->recipient), Worth::WISH];
            }
        }

        return $slots;
    }

    private function of(Candidate $candidate): float
    {
        return $this->worth->of($candidate)
            - (isset($this->askedAbout[$candidate->id]) ? Worth::ASKED_ABOUT : 0.0);
    }

    /**
     * @param  array<string, float>  $cost
     * @param  array<string, float>  $bulk  in thousandths of the box
     * @param  array<string, list<string>>  $ofLot
     */
    private function count(string $name, Candidate $candidate, array &$cost, array &$bulk, array &$ofLot): void
    {
        $cost[$name] = $candidate->cost();
        $bulk[$name] = 1_000 * $candidate->bulk() / $this->plan->boxKind->inside->volume();
        $ofLot[$candidate->id][] = $name;
    }

    /** @param array<string, float> $terms */
    private static function sum(array $terms): string
    {
        $text = '';
        foreach ($terms as $name => $factor) {
            $text .= sprintf("%s %.6F %s\n", $factor < 0 ? '-' : '+', abs($factor), $name);
        }

        return $text;
    }
}
