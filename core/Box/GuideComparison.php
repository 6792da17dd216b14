<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Guide;
use PluckyWren\Core\Guide\NeedsFilled;
use PluckyWren\Core\Guide\NeedState;
use PluckyWren\Core\Guide\Rules\RuleBook;
use PluckyWren\Core\Guide\Weight;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Recipient\Recipient;
use PluckyWren\Core\Stash\Preparation\TasksInACircle;

/** What changes for a box when another guide judges it. */
final readonly class GuideComparison
{
    /**
     * @param  AgeBand  $band  the box's own, or the one of the other guide that shares most years with it
     * @param  Difference<NeedState>  $missing  needs that are not filled and were, or were not asked; and the other way
     * @param  Difference<Finding>  $findings
     */
    private function __construct(
        public Guide $guide,
        public AgeBand $band,
        public bool $isSameBand,
        public NeedsFilled $needs,
        public Difference $missing,
        public Difference $findings,
    ) {}

    /** @throws TasksInACircle */
    public static function of(Plan $plan, Guide $guide, RuleBook $rules): self
    {
        $band = self::nearest($plan->recipient->band, $guide);
        $recipient = new Recipient($band, $plan->recipient->gender);
        $held = $plan->held();
        $before = $plan->guide->needsFilled($plan->recipient, $held);
        $after = $guide->needsFilled($recipient, $held);
        [$missing, $was] = [$after->missing(), $before->missing()];
        $found = static fn (Guide $by, Recipient $for): array => $rules->findings($by, $for, $held)
            ->overruledBy($plan->settled->reasons)
            ->ofWeight(Weight::Bar, Weight::Hazard, Weight::Ask, Weight::Tip)
            ->all;
        [$now, $then] = [$found($guide, $recipient), $found($plan->guide, $plan->recipient)];

        return new self(
            $guide,
            $band,
            $band->id() === $plan->recipient->band->id(),
            $after,
            Difference::between($missing, $was, static fn (NeedState $state): string => $state->lackingKey()),
            Difference::between(
                $now, $then, static fn (Finding $finding): string => "{$finding->key()}|{$finding->weight->value}",
            ),
        );
    }

    public function changesNothing(): bool
    {
        return $this->isSameBand && $this->missing->isNone() && $this->findings->isNone();
    }

    private static function nearest(AgeBand $band, Guide $guide): AgeBand
    {
        $nearest = $guide->audience->bands[0];
        foreach ($guide->audience->bands as $other) {
            $nearest = $other->sharedYears($band) > $nearest->sharedYears($band) ? $other : $nearest;
        }

        return $nearest;
    }
}
