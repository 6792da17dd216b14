<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send;

use PluckyWren\Core\Box\Closing\ClosingTick;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Stash\Preparation\Task;

/** What one packed box still lacks before it can be handed in. */
final readonly class Readiness
{
    /** @param list<Deed> $lacks in the order in which it is done */
    private function __construct(public array $lacks) {}

    /**
     * @param  list<ClosingTick>  $ticks  what the packer ticked
     * @param  Money  $giftLacks  what is still to be paid of its sending gift; that it was put aside is not enough
     */
    public static function of(Plan $plan, array $ticks, Money $giftLacks): self
    {
        return new self(array_values(array_filter(
            Deed::cases(),
            static fn (Deed $deed): bool => match ($deed) {
                Deed::Note => ! $plan->holds(Task::MarkEnvelope),
                Deed::Label => ! in_array(ClosingTick::Label, $ticks, true),
                Deed::Gift => ! $giftLacks->isZero(),
            },
        )));
    }

    public function isReady(): bool
    {
        return $this->lacks === [];
    }
}
