<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

use PluckyWren\Core\Guide\Guide;
use PluckyWren\Core\Guide\NeedState;
use PluckyWren\Core\Guide\TraitFlag;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Stash\Preparation\TasksInACircle;

/** What to buy so that every need of a box is filled: for one shopping trip, straight from the guide's list. */
final readonly class StartingList
{
    public function __construct(private Catalogue $catalogue) {}

    /**
     * @return array<string, array{ItemKind, int}> kinds and how many of each, by the kind's id
     *
     * @throws TasksInACircle
     */
    public function of(Plan $plan): array
    {
        $list = [];
        foreach ($plan->guide->needsFilled($plan->recipient, $plan->held())->missing() as $state) {
            foreach ($this->share($state, $state->lacks(), $plan) as $id => $count) {
                $list[$id] = [$this->catalogue->get($id), ($list[$id][1] ?? 0) + $count];
            }
        }

        return $list;
    }

    /**
     * @return array<string, int> how many of which kinds fill $lacks pieces of a need: several different ones where
     *     several may, one each
     */
    public function share(NeedState $state, int $lacks, Plan $plan): array
    {
        $named = $state->need->accepts->kinds;
        $named = $named === [] ? $state->need->kindsIn($this->catalogue) : $named;
        $suiting = array_values(array_filter($named, fn (string $id): bool => $this->suits($id, $plan)));
        $kinds = $suiting === [] ? array_slice($named, 0, 1) : $suiting;
        $share = [];
        for ($piece = 0; $piece < $lacks && $kinds !== []; $piece++) {
            $id = $kinds[$piece % count($kinds)];
            $share[$id] = ($share[$id] ?? 0) + 1;
        }

        return $share;
    }

    /**
     * Get the one of several kinds that is best put on a box's list: the first that would raise no question itself.
     *
     * @param  non-empty-list<string>  $kinds
     */
    public function best(array $kinds, Plan $plan): string
    {
        foreach ($kinds as $kind) {
            if ($this->suits($kind, $plan)) {
                return $kind;
            }
        }

        return $kinds[0];
    }

    /** Determine if a kind is usual at this age and nothing the guide would have mended. */
    private function suits(string $id, Plan $plan): bool
    {
        if (! $this->catalogue->has($id)) {
            return false;
        }
        $kind = $this->catalogue->get($id);

        return $this->isUsual($kind, $plan->recipient->band)
            && ! $this->isFlagged($kind, $plan->guide, $plan->recipient->band);
    }

    private function isUsual(ItemKind $kind, AgeBand $band): bool
    {
        return $kind->isUsualFor($band);
    }

    private function isFlagged(ItemKind $kind, Guide $guide, AgeBand $band): bool
    {
        return array_filter(
            $guide->flags,
            static fn (TraitFlag $flag): bool => $flag->weight->mustBeMended()
                && $flag->holdsFor($band)
                && $kind->has($flag->trait),
        ) !== [];
    }
}
