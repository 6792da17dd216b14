<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Guide;
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
     * @param  list<string>  $missingNow  needs that the other guide asks and the box does not fill, as it did or need
     *     not before
     * @param  list<string>  $noLongerAsked  needs that were not filled, and need not be now
     * @param  list<Finding>  $appear
     * @param  list<Finding>  $disappear
     */
    private function __construct(
        public Guide $guide,
        public AgeBand $band,
        public bool $isSameBand,
        public int $asked,
        public int $filled,
        public array $missingNow,
        public array $noLongerAsked,
        public array $appear,
        public array $disappear,
    ) {}

    /** @throws TasksInACircle */
    public static function of(Plan $plan, Guide $guide, RuleBook $rules): self
    {
        $band = self::nearest($plan->recipient->band, $guide);
        $recipient = new Recipient($band, $plan->recipient->gender);
        $held = $plan->held();
        $before = $plan->guide->needsFilled($plan->recipient, $held);
        $after = $guide->needsFilled($recipient, $held);
        $name = static fn (NeedState $state): string => $state->missing();
        [$missing, $was] = [array_map($name, $after->missing()), array_map($name, $before->missing())];
        $found = static fn (Guide $by, Recipient $for): array => $rules->findings($by, $for, $held)
            ->overruledBy($plan->reasons)
            ->ofWeight(Weight::Bar, Weight::Hazard, Weight::Ask, Weight::Tip)
            ->all;
        [$now, $then] = [$found($guide, $recipient), $found($plan->guide, $plan->recipient)];

        return new self(
            $guide, $band, $band->id() === $plan->recipient->band->id(), $after->asked(), $after->filled(),
            array_values(array_diff($missing, $was)), array_values(array_diff($was, $missing)),
            self::without($now, $then), self::without($then, $now),
        );
    }

    public function changesNothing(): bool
    {
        return $this->isSameBand
            && [$this->missingNow, $this->noLongerAsked, $this->appear, $this->disappear] === [[], [], [], []];
    }

    /**
     * @param  list<Finding>  $findings
     * @param  list<Finding>  $others
     * @return list<Finding>
     */
    private static function without(array $findings, array $others): array
    {
        $known = array_flip(
            array_map(static fn (Finding $finding): string => "{$finding->key()}|{$finding->weight->value}", $others),
        );

        return array_values(
            array_filter(
                $findings,
                static fn (Finding $finding): bool => ! isset($known["{$finding->key()}|{$finding->weight->value}"]),
            ),
        );
    }

    private static function nearest(AgeBand $band, Guide $guide): AgeBand
    {
        $nearest = $guide->bands[0];
        foreach ($guide->bands as $other) {
            $nearest = $other->sharedYears($band) > $nearest->sharedYears($band) ? $other : $nearest;
        }

        return $nearest;
    }
}
