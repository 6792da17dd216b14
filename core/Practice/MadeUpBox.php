<?php

declare(strict_types=1);

namespace PluckyWren\Core\Practice;

use PluckyWren\Core\Box\BoxKind;
use PluckyWren\Core\Box\Funds;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Guide\Guide;
use PluckyWren\Core\Guide\Need;
use PluckyWren\Core\Guide\Rules\RuleBook;
use PluckyWren\Core\Money\Price;
use PluckyWren\Core\Recipient\Recipient;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Stash\Preparation\Prepared;
use PluckyWren\Core\Stash\Preparation\TasksInACircle;
use PluckyWren\Core\Stash\Preparation\TasksOf;
use PluckyWren\Core\Stash\Source;
use PluckyWren\Core\Stash\Thing;

/** A box made up for practice: much of what a guide asks for, some of it missing, and some things that may not go. */
final readonly class MadeUpBox
{
    /** So many kinds are looked at for one that may not go in. */
    private const LOOKED_AT = 80;

    public function __construct(private Catalogue $catalogue, private RuleBook $rules, private Dice $dice) {}

    /**
     * @throws TasksInACircle
     */
    public function plan(Guide $guide, BoxKind $boxKind, Level $level): Plan
    {
        $bands = $guide->audience->bands;
        $genders = $guide->audience->genders;
        $recipient = new Recipient(
            $bands[$this->dice->below(max(1, count($bands)))],
            $genders[$this->dice->below(max(1, count($genders)))],
        );
        $empty = new Plan($recipient, $guide, $boxKind, new Funds($guide->terms->sendingGift, null), []);
        $needs = $guide->needsFor($recipient);
        $needs = array_slice(self::mixed($needs, $this->dice), 0, $level->filled(count($needs)));
        $pieces = [];
        foreach ($needs as $need) {
            $kind = $this->kindFor($need, $empty);
            if ($kind !== null && ! isset($pieces[$kind->id])) {
                $pieces[$kind->id] = $this->piece($kind, $need->countFor($recipient), $recipient);
            }
        }

        return $empty->with(pieces: array_values($pieces));
    }

    /**
     * The same box with so many things more that may not go in, lying anywhere among the others.
     *
     * @throws TasksInACircle
     */
    public function withWrongs(Plan $plan, int $wrongs): Plan
    {
        $pieces = array_column($plan->pieces, null, 'id');
        $ids = $this->catalogue->ids();
        for ($look = 0; $look < self::LOOKED_AT && $wrongs > 0; $look++) {
            $id = $ids[$this->dice->below(max(1, count($ids)))];
            $piece = $this->piece($this->catalogue->get($id), 1, $plan->recipient);
            if (! isset($pieces[$piece->id]) && $this->isWrong($piece, $plan)) {
                $pieces[$piece->id] = $piece;
                $wrongs--;
            }
        }

        return $plan->with(pieces: self::mixed(array_values($pieces), $this->dice));
    }

    /**
     * The same things in another order.
     *
     * @template T
     *
     * @param  list<T>  $things
     * @return list<T>
     */
    public static function mixed(array $things, Dice $dice): array
    {
        $mixed = [];
        while ($things !== []) {
            [$one] = array_splice($things, $dice->below(count($things)), 1);
            $mixed[] = $one;
        }

        return $mixed;
    }

    /** @throws TasksInACircle */
    private function kindFor(Need $need, Plan $plan): ?ItemKind
    {
        foreach (self::mixed($need->kindsIn($this->catalogue), $this->dice) as $id) {
            $kind = $this->catalogue->get($id);
            $isRight = $kind->isUsualFor($plan->recipient->band)
                && ! $this->isWrong($this->piece($kind, 1, $plan->recipient), $plan);
            if ($isRight) {
                return $kind;
            }
        }

        return null;
    }

    /**
     * Determine if a thing by itself would be taken out, or hurt someone.
     *
     * @throws TasksInACircle
     */
    private function isWrong(PlannedPiece $piece, Plan $plan): bool
    {
        $alone = $plan->with(pieces: [$piece]);
        $findings = $this->rules->findings($plan->guide, $plan->recipient, $alone->held());

        return ! $findings->toMend()->onPiece($piece->id)->isEmpty();
    }

    /**
     * All that has to be done to it is done: what is looked for is the thing itself.
     *
     * @throws TasksInACircle
     */
    private function piece(ItemKind $kind, int $count, Recipient $recipient): PlannedPiece
    {
        $thing = Thing::usual($kind);
        $tasks = (new TasksOf)->thing($thing, Source::Shop, $recipient->band);

        return new PlannedPiece(
            $kind->id, $thing, $count, Price::unknown(), Source::Shop, Prepared::all($count, $tasks),
        );
    }
}
