<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Filling;

use PluckyWren\Core\Box\PlannedPiece;

/** Something that lies free and may go into a box. */
final readonly class Candidate
{
    /**
     * @param  PlannedPiece  $one  a piece of it
     * @param  int  $free  how many there are
     * @param  int  $theme  how well it goes with the theme, as `ThemeMatch` weighs it; below 0 where it clashes
     * @param  int  $days  how long it has lain there
     */
    public function __construct(
        public string $id,
        public PlannedPiece $one,
        public int $free,
        public int $theme,
        public int $days,
    ) {}

    public function times(int $quantity): PlannedPiece
    {
        return $this->one->times($quantity);
    }
}
