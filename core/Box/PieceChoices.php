<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

/** What whoever packs a box decided about one piece of it. */
final readonly class PieceChoices
{
    /**
     * @param  string|null  $countsAs  the id of the guide's need that it fills; null where it fills what its kind does
     * @param  string|null  $into  the id of the piece in which it rides; null where it lies in the box itself
     * @param  bool|null  $together  whether several of it are packed as one bundle; null where that is as its kind is
     * @param  bool|null  $seenFirst  whether it lies in sight when the box is opened; null where the lead gift does
     * @param  bool  $stays  not to be left out for want of room, whatever else has to
     */
    public function __construct(
        public ?string $countsAs = null,
        public ?string $into = null,
        public ?bool $together = null,
        public ?bool $seenFirst = null,
        public bool $stays = false,
    ) {}
}
