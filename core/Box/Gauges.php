<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

use PluckyWren\Core\Fit\Result;
use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Findings;
use PluckyWren\Core\Guide\NeedsFilled;
use PluckyWren\Core\Guide\Rules\RuleBook;
use PluckyWren\Core\Guide\Weight;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Stash\Preparation\TasksInACircle;

/** The four gauges of a box, always the same four in the same order: must-haves, money, room, flags. */
final readonly class Gauges
{
    /** What the flags gauge counts; what is missing is counted by the must-haves. */
    public const FLAGGED = [Weight::Bar, Weight::Hazard, Weight::Ask, Weight::Tip];

    /**
     * @param  Findings  $flags  what is wrong with what is there
     * @param  Findings  $missing  what is not there: the same that the must-haves count, and what a thing is no use
     *     without
     */
    private function __construct(
        public NeedsFilled $mustHaves,
        public NeedsFilled $wishes,
        public MoneyGauge $money,
        public RoomGauge $room,
        public Findings $flags,
        public Findings $missing,
    ) {}

    /**
     * @param Result|null $fit null where no packing has been tried
     *
     * @throws InvalidMoney
     * @throws TasksInACircle
     */
    public static function of(Plan $plan, ?Result $fit, RuleBook $rules): self
    {
        $held = $plan->held();
        $box = new BoxContents($plan->guide, $plan->recipient, $held);
        $findings = $rules->findingsIn($box)->overruledBy($plan->settled->reasons);

        return new self(
            $box->needs(),
            NeedsFilled::of($plan->guide->wishes, $plan->recipient, $held),
            MoneyGauge::of($plan),
            RoomGauge::of($plan, $fit),
            $findings->ofWeight(...self::FLAGGED),
            $findings->ofWeight(Weight::Missing),
        );
    }
}
