<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Findings;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Guide\Rules\RuleBook;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Stash\Preparation\TasksInACircle;

/**
 * What picking one more thing would do to a box, for many things in turn: what stays the same is worked out once. Room
 * is not foretold; a packing is only tried with what is really in the box.
 */
final readonly class Foretelling
{
    /** What the box holds costs so much, with nothing rounded yet. */
    private ExactAmount $cost;

    /** @var array<string, list<Held>> by the piece's id, each with what it holds */
    private array $held;

    /** What of it is not to buy, and so stays as it is whatever is picked. */
    private BoxContents $stays;

    /** @var list<Finding> of what stays, each piece by itself */
    private array $found;

    /**
     * @throws InvalidMoney
     * @throws TasksInACircle
     */
    public function __construct(private Plan $plan, private RuleBook $rules)
    {
        $cost = ExactAmount::zero($plan->funds->sendingGift->currency);
        $held = [];
        foreach ($plan->pieces as $piece) {
            $cost = $cost->plus($piece->cost() ?? ExactAmount::zero($plan->funds->sendingGift->currency));
            if (! $piece->isToBuy()) {
                $held[$piece->id] = $plan->heldOf($piece);
            }
        }
        [$this->cost, $this->held] = [$cost, $held];
        $this->stays = new BoxContents($plan->guide, $plan->recipient, array_merge(...array_values($held)));
        $this->found = $rules->ofPieces($this->stays);
    }

    /**
     * @throws InvalidMoney
     * @throws TasksInACircle
     */
    public function picked(PlannedPiece $picked): Foretold
    {
        $then = $this->plan->withPicked($picked);
        $held = $changed = [];
        foreach ($then->pieces as $piece) {
            // What is still to buy may have grown fewer; everything else is as it was.
            $of = $piece === $picked || $piece->isToBuy() ? $then->heldOf($piece) : null;
            array_push($held, ...$of ?? $this->held[$piece->id]);
            array_push($changed, ...$of ?? []);
        }
        $box = $this->stays->holding($held);
        $cost = $picked->cost();
        $findings = Findings::of(
            ...$this->found,
            ...$this->rules->ofPieces($this->stays->holding($changed)),
            ...$this->rules->ofWhole($box),
        );

        return new Foretold(
            $box->needs(),
            ($cost === null ? $this->cost : $this->cost->plus($cost))->rounded()->plus($then->funds->sendingGift),
            $then->funds->budget,
            $findings->overruledBy($then->settled->reasons)->ofWeight(...Gauges::FLAGGED),
        );
    }
}
