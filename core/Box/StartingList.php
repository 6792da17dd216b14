<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

use PluckyWren\Core\Guide\Guide;
use PluckyWren\Core\Guide\NeedState;
use PluckyWren\Core\Guide\TraitFlag;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\Category;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Stash\Preparation\TasksInACircle;
use PluckyWren\Core\Stash\Thing;

/** What to buy so that every need of a box is filled: for one shopping trip, straight from the guide's list. */
final readonly class StartingList
{
    /** Boxes with so much in them, pressed as far as it goes, mostly close. An estimate. */
    private const FULL = 0.6;

    /** What is worth changing a list for takes no more than this share of the room. */
    private const MUCH_SMALLER = 0.7;

    public function __construct(private Catalogue $catalogue) {}

    /**
     * @return array<string, array{ItemKind, int}> kinds and how many of each, by the kind's id
     *
     * @throws TasksInACircle
     */
    public function of(Plan $plan): array
    {
        $shares = [];
        foreach ($plan->guide->needsFilled($plan->recipient, $plan->held())->missing() as $state) {
            foreach ($this->share($state, $state->lacks(), $plan) as $id => $count) {
                $shares[] = [$this->catalogue->get($id), $count, $state];
            }
        }
        while ($this->fill($shares, $plan) > self::FULL && ($smaller = $this->smaller($shares, $plan)) !== null) {
            $shares = $smaller;
        }
        $list = [];
        foreach ($shares as [$kind, $count]) {
            $list[$kind->id] = [$kind, ($list[$kind->id][1] ?? 0) + $count];
        }

        return $list;
    }

    /**
     * What of the box a list takes, everything pressed as far as it goes.
     *
     * @param  list<array{ItemKind, int, NeedState}>  $shares
     */
    private function fill(array $shares, Plan $plan): float
    {
        $volume = 0.0;
        foreach ($shares as [$kind, $count]) {
            $volume += $count * self::room($kind);
        }

        return $volume / $plan->boxKind->inside->volume();
    }

    /**
     * The same list with something much smaller that does as well in place of the largest for which there is such.
     *
     * @param  list<array{ItemKind, int, NeedState}>  $shares
     * @return list<array{ItemKind, int, NeedState}>|null
     */
    private function smaller(array $shares, Plan $plan): ?array
    {
        $order = array_keys($shares);
        // The lead gift is the last to become a smaller one.
        $rank = static fn (int $at): array => [
            (int) ($shares[$at][0]->category === Category::Lead), -self::room($shares[$at][0]),
        ];
        usort($order, static fn (int $one, int $other): int => $rank($one) <=> $rank($other));
        $listed = array_map(static fn (array $share): string => $share[0]->id, $shares);
        foreach ($order as $at) {
            [$kind, $count, $state] = $shares[$at];
            foreach ($state->need->kindsIn($this->catalogue) as $id) {
                if (
                    ! in_array($id, $listed, true) && $this->suits($id, $plan)
                        && $this->catalogue->get($id)->body->size->sides()[0] < $plan->boxKind->inside->floorLength
                        && self::room($this->catalogue->get($id)) <= self::MUCH_SMALLER * self::room($kind)
                ) {
                    $shares[$at] = [$this->catalogue->get($id), $count, $state];

                    return $shares;
                }
            }
        }

        return null;
    }

    /** The least room that one of a kind takes, in cubic tenths of a millimetre. */
    private static function room(ItemKind $kind): float
    {
        return Thing::usual($kind)->leastRoom();
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
