<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

use PluckyWren\Core\Fit\Drawing\Look;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Recipient\AgeBand;

/** A kind of thing, as it usually comes: its lane, its measures, what it is like, how many are usual. */
final readonly class ItemKind
{
    public function __construct(
        public string $id,
        public string $name,
        public Category $category,
        public Body $body,
        public Handling $handling,
        public Usage $usage = new Usage,
        public Care $care = new Care,
    ) {}

    /**
     * A kind that the catalogue does not hold any more: what was called by it is still there, and nothing is known of
     * the kind.
     */
    public static function retired(string $id): self
    {
        return new self(
            $id,
            'Retired kind “'.mb_strimwidth(str_replace('-', ' ', $id), 0, 40, '…').'”',
            Category::Play,
            new Body(new Size(1000, 600, 300)),
            new Handling(Form::Rigid),
        );
    }

    /** Determine if it is usual for some year of a band. */
    public function isUsualFor(AgeBand $band): bool
    {
        return $this->usage->isUsualFor($band);
    }

    /** How many are usual in a box for a band. */
    public function usualCount(AgeBand $band): int
    {
        return $this->usage->usualCount($band);
    }

    /** What it is drawn as. */
    public function look(): Look
    {
        return $this->body->look ?? match ($this->body->shape) {
            Shape::Ball => Look::Ball,
            Shape::Round => Look::Round,
            Shape::Block => Look::ofForm($this->handling->form),
        };
    }

    public function has(ItemTrait $trait): bool
    {
        return in_array($trait, $this->care->traits, true);
    }
}
