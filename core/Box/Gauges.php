<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

use PluckyWren\Core\Fit\Result;
use PluckyWren\Core\Guide\Findings;
use PluckyWren\Core\Guide\NeedsFilled;
use PluckyWren\Core\Guide\Rules\RuleBook;

/** The four gauges of a box, always the same four in the same order: must-haves, money, room, flags. */
final readonly class Gauges
{
    private function __construct(public NeedsFilled $mustHaves, public NeedsFilled $wishes, public MoneyGauge $money, public RoomGauge $room, public Findings $flags) {}

    /** @param Result|null $fit null where no packing has been tried */
    public static function of(Plan $plan, ?Result $fit, RuleBook $rules): self
    {
        $held = $plan->held();

        return new self(
            $plan->guide->needsFilled($plan->recipient, $held),
            NeedsFilled::of($plan->guide->wishes, $plan->recipient, $held),
            MoneyGauge::of($plan),
            RoomGauge::of($plan, $fit),
            $rules->findings($plan->guide, $plan->recipient, $held),
        );
    }
}
