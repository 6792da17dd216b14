<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Filling;

use PluckyWren\Core\Box\PlannedPiece;

/** Something that lies free and may go into a box, or that may be bought for it. */
final readonly class Candidate
{
    /** What is to be bought bears this before its kind's id. */
    public const TO_BUY = 'buy-';

    /**
     * @param  PlannedPiece  $one  a piece of it
     * @param  int  $free  how many there are, or may be bought
     * @param  int  $theme  how well it goes with the theme, as `ThemeMatch` weighs it; below 0 where it clashes
     * @param  int  $days  how long it has lain there
     * @param  float  $seen  in which share of the last boxes there was one of its kind, 0 to 1
     * @param  float  $wanted  how scarce it is for what other planned boxes lack: 0 where there is plenty, 1 where they
     *     would take all there is
     */
    public function __construct(
        public string $id,
        public PlannedPiece $one,
        public int $free,
        public int $theme,
        public int $days,
        public float $seen = 0.0,
        public float $wanted = 0.0,
    ) {}

    public function times(int $quantity): PlannedPiece
    {
        return $this->one->times($quantity);
    }

    /** Determine if one of it goes into a box just as one of another does: a packing of the one is one of the other. */
    public function packsLike(self $other): bool
    {
        [$thing, $that] = [$this->one->thing, $other->one->thing];

        return $thing->kind->id === $that->kind->id
            && [$thing->measures, $thing->inside] == [$that->measures, $that->inside]
            && $thing->hollow() == $that->hollow();
    }

    /** The least room that one takes, pressed as far as it goes, in cubic tenths of a millimetre. */
    public function bulk(): float
    {
        return $this->one->thing->leastRoom();
    }

    /** What one costs, in the currency's smallest unit; 0 where that is not known. */
    public function cost(): float
    {
        return $this->one->price->each?->minor->toFloat() ?? 0.0;
    }
}
