<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide;

use PluckyWren\Core\Recipient\Recipient;
use PluckyWren\Core\Stash\Category;

/** Matches what a box holds with what its guide asks: alternatives count once, and one thing never fills two needs. */
final readonly class NeedsFilled
{
    /** @param list<NeedState> $states in the guide's order */
    private function __construct(public array $states) {}

    /**
     * @param  list<Need>  $needs
     * @param  list<Held>  $held
     */
    public static function of(array $needs, Recipient $recipient, array $held): self
    {
        $asked = array_values(array_filter($needs, static fn (Need $need): bool => $need->countFor($recipient) > 0));

        return self::matched(
            $asked,
            $recipient,
            new Matching(count($asked), $held, static fn (Held $piece): array => Matching::fillable($asked, $piece)),
        );
    }

    /**
     * Those that a guide asks of a child.
     *
     * @param  list<Held>  $held
     */
    public static function ofChild(GuideForChild $says, array $held): self
    {
        return self::matched(
            $says->needs,
            $says->recipient,
            new Matching(count($says->needs), $held, $says->needsFilledBy(...)),
        );
    }

    /** @param list<Need> $asked */
    private static function matched(array $asked, Recipient $recipient, Matching $matching): self
    {
        // Whole needs first, so that what falls short of one need is not kept from another.
        foreach ($asked as $index => $need) {
            $matching->fillWhole($index, $need->countFor($recipient));
        }
        foreach ($asked as $index => $need) {
            $matching->fill($index, $need->countFor($recipient));
        }

        return new self(array_map(
            static fn (Need $need, int $index): NeedState => new NeedState(
                $need,
                $need->countFor($recipient),
                $matching->matched($index),
            ),
            $asked,
            array_keys($asked),
        ));
    }

    public function asked(): int
    {
        return count($this->states);
    }

    public function filled(): int
    {
        return count(array_filter($this->states, static fn (NeedState $state): bool => $state->isFilled()));
    }

    /** @return list<NeedState> in the guide's order */
    public function missing(): array
    {
        return array_values(array_filter($this->states, static fn (NeedState $state): bool => ! $state->isFilled()));
    }

    /** @return list<NeedState> */
    public function ofCategory(Category $category): array
    {
        return array_values(
            array_filter($this->states, static fn (NeedState $state): bool => $state->need->category === $category),
        );
    }
}
