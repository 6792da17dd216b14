<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide;

use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Recipient\Recipient;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Stash\ItemTrait;

/**
 * What the rules look at: one box's pieces, for whom, by which guide. Counted once, so that every rule stays linear in
 * the pieces.
 */
final class BoxContents
{
    /** @var array<string, int> pieces by kind, those inside others too */
    public readonly array $countByKind;

    /** @var array<string, non-empty-list<Held>> by kind */
    public readonly array $byKind;

    /** @var list<TraitFlag> those of the guide that hold for this band */
    public readonly array $flags;

    private ?NeedsFilled $needs = null;

    private readonly GuideForChild $says;

    /**
     * @param  list<Held>  $held
     * @param  GuideForChild|null  $says  where that is known already
     */
    public function __construct(
        public readonly Guide $guide,
        public readonly Recipient $recipient,
        public readonly array $held,
        ?GuideForChild $says = null,
    ) {
        $counts = $byKind = [];
        foreach ($held as $piece) {
            $counts[$piece->kind] = ($counts[$piece->kind] ?? 0) + $piece->quantity;
            $byKind[$piece->kind][] = $piece;
        }
        $this->countByKind = $counts;
        $this->byKind = $byKind;
        $this->says = $says ?? new GuideForChild($guide, $recipient);
        $this->flags = $this->says->flags;
    }

    /**
     * A box with other things in it for the same child, by the same guide.
     *
     * @param  list<Held>  $held
     */
    public function holding(array $held): self
    {
        return new self($this->guide, $this->recipient, $held, $this->says);
    }

    /** How far the guide's needs are filled; matched once. */
    public function needs(): NeedsFilled
    {
        return $this->needs ??= NeedsFilled::ofChild($this->says, $this->held);
    }

    /** How many of a kind the guide calls usual, or are usual of this kind; null where nobody knows. */
    public function usual(ItemKind $kind): ?int
    {
        return $this->says->usual($kind);
    }

    public function band(): AgeBand
    {
        return $this->recipient->band;
    }

    /** Determine if a child younger than $years may open the box. */
    public function mayBeOpenedBelow(int $years): bool
    {
        return $this->recipient->band->fromYears < $years;
    }

    /** Determine if the guide itself says something of a trait for this band, so that a rule of ours need not. */
    public function guideFlags(ItemTrait $trait): bool
    {
        foreach ($this->flags as $flag) {
            if ($flag->trait === $trait) {
                return true;
            }
        }

        return false;
    }

    /** @param list<string> $kinds */
    public function holdsAnyOf(array $kinds): bool
    {
        foreach ($kinds as $kind) {
            if (isset($this->countByKind[$kind])) {
                return true;
            }
        }

        return false;
    }
}
