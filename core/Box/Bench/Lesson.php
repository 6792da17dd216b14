<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Bench;

/** What the bench lets expect of a kind of thing or of box from now on: a small step, to be taken or not. */
final readonly class Lesson
{
    public const SQUEEZE = 'squeeze';

    public const LID = 'lid';

    /**
     * @param  'squeeze'|'lid'  $what  how far a kind of thing can be pressed, or how far the lid of a kind of box gives
     * @param  string  $id  of the kind
     * @param  int  $now  hundredths of a side for a squeeze, tenths of a millimetre for a lid
     * @param  int  $then  the same
     * @param  int  $boxes  how many boxes say so
     */
    public function __construct(
        public string $what,
        public string $id,
        public int $now,
        public int $then,
        public int $boxes,
    ) {}

    /** Determine if things give more than was thought. */
    public function isEasier(): bool
    {
        return $this->what === self::SQUEEZE ? $this->then < $this->now : $this->then > $this->now;
    }
}
