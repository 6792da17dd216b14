<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

use PluckyWren\Core\Fit\Cavity;
use PluckyWren\Core\Fit\Form;

/** What may be done with a kind of thing when it is packed. */
final readonly class Handling
{
    /**
     * @param  float  $squeeze  the least share of a side (soft) or of its volume (cloth) that it may be pressed to
     * @param  int|null  $minSide  of a fold or heap, in tenths of a millimetre; null takes the form's default
     * @param  bool  $isGentle  has a face, or breaks: nothing hard goes on top
     * @param  Cavity|null  $cavity  its hollow, where it has one
     * @param  bool  $together  people keep several of it together, as one bundle
     */
    public function __construct(
        public Form $form,
        public float $squeeze = 1.0,
        public ?int $minSide = null,
        public bool $keepUpright = false,
        public bool $isGentle = false,
        public ?Cavity $cavity = null,
        public bool $together = false,
    ) {}
}
