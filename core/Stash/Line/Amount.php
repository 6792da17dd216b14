<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Line;

/** An amount that stands in a line. */
final readonly class Amount
{
    /** For each piece, for each pack, for all of the line; each piece, or each pack where there are packs. */
    public const A_PIECE = 'piece';

    public const A_PACK = 'pack';

    public const ALL = 'all';

    public const EACH = 'each';

    /** Stands for an amount of other money than the crew's. */
    public const UNREADABLE = -1;

    /**
     * @param  int  $minor  in minor units
     * @param  string|null  $for  one of the above; null where the line does not say
     * @param  int  $at  the byte at which it begins
     * @param  int  $length  of its text, in bytes
     */
    public function __construct(public int $minor, public ?string $for, public int $at, public int $length) {}
}
