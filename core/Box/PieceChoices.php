<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

use PluckyWren\Core\Box\Packing\PackingWish;
use PluckyWren\Core\Stash\Preparation\TaskChoices;

/** What whoever packs a box decided about one piece of it. */
final readonly class PieceChoices
{
    /**
     * @param  string|null  $countsAs  the id of the guide's need that it fills; null where it fills what its kind does
     * @param  string|null  $into  the id of the piece in which it rides; null where it lies in the box itself
     * @param  PackingWish  $packing  how it is to be packed
     * @param  TaskChoices  $tasks  what is to be done to it beside the usual, and what is not
     */
    public function __construct(
        public ?string $countsAs = null,
        public ?string $into = null,
        public PackingWish $packing = new PackingWish,
        public TaskChoices $tasks = new TaskChoices,
    ) {}
}
