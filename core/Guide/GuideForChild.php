<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide;

use PluckyWren\Core\Recipient\Recipient;
use PluckyWren\Core\Stash\ItemKind;
use WeakMap;

/**
 * What a guide says for one child. It is asked again and again of the same kinds of things, for one box after another,
 * so each kind is looked up once.
 */
final class GuideForChild
{
    /** @var list<Need> asked of this child, in the guide's order */
    public readonly array $needs;

    /** @var list<TraitFlag> those that hold for this child's band */
    public readonly array $flags;

    /** @var WeakMap<ItemKind, list<int>> the numbers of the needs, as in `$needs`, that a kind fills */
    private WeakMap $filling;

    /** @var WeakMap<ItemKind, array{int|null}> how many of a kind are usual */
    private WeakMap $usual;

    public function __construct(public readonly Guide $guide, public readonly Recipient $recipient)
    {
        $this->needs = $guide->needsFor($recipient);
        $this->flags = array_values(
            array_filter($guide->flags, static fn (TraitFlag $flag): bool => $flag->holdsFor($recipient->band)),
        );
        $this->filling = new WeakMap;
        $this->usual = new WeakMap;
    }

    /** @return list<int> the numbers of the needs, as in `$needs`, that a piece may fill */
    public function needsFilledBy(Held $held): array
    {
        return $held->countsAs === null
            ? $this->filling[$held->thing->kind] ??= Matching::fillable($this->needs, $held)
            : Matching::fillable($this->needs, $held);
    }

    /** How many of a kind the guide calls usual, or are usual of this kind; null where nobody knows. */
    public function usual(ItemKind $kind): ?int
    {
        return ($this->usual[$kind] ??= [$this->lookUpUsual($kind)])[0];
    }

    private function lookUpUsual(ItemKind $kind): ?int
    {
        foreach ($this->guide->needs as $need) {
            $usual = $need->takesKind($kind) ? $need->usualFor($this->recipient) : null;
            if ($usual !== null) {
                return $usual;
            }
        }
        $band = $this->recipient->band;

        return $kind->isUsualFor($band) ? $kind->usualCount($band) : null;
    }
}
