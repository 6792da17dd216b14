<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Line;

use PluckyWren\Core\Stash\ItemKind;

/** A kind that is named in a line, and where. */
final readonly class FoundKind
{
    /**
     * @param  int  $at  the byte at which its name begins
     * @param  int  $length  of its name, in bytes
     * @param  bool  $isSure  whether no other word makes another thing of it
     * @param  bool  $isBeside  whether the line says it beside a name of its own: `wooden owl = keyring`
     */
    public function __construct(
        public ItemKind $kind,
        public int $at,
        public int $length,
        public bool $isSure,
        public bool $isBeside = false,
    ) {}

    public function end(): int
    {
        return $this->at + $this->length;
    }

    /** Determine if a place in the line is within its name. */
    public function covers(int $at): bool
    {
        return $at >= $this->at && $at < $this->end();
    }
}
