<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Packing;

use PluckyWren\Core\Fit\Placement;

/** How whoever packs a box wants one piece of it packed; nothing where the engine is to choose. */
final readonly class PackingWish
{
    /**
     * @param  bool|null  $together  whether several of it are packed as one bundle; null where that is as its kind is
     * @param  bool  $stays  not to be left out for want of room, whatever else has to
     * @param  int  $shift  so many steps later than it would go in, as far as that can be; below 0 earlier
     * @param  list<Placement>  $pinned  where each of it has to lie; empty where it may be moved
     */
    public function __construct(
        public ?bool $together = null,
        public ?Lies $lies = null,
        public bool $stays = false,
        public int $shift = 0,
        public array $pinned = [],
    ) {}

    public function isNothing(): bool
    {
        return $this == new self;
    }

    public function lying(?Lies $lies): self
    {
        return new self($this->together, $lies, $this->stays, $this->shift);
    }

    /** @param list<Placement> $pinned */
    public function pinned(array $pinned): self
    {
        return new self($this->together, null, $this->stays, $this->shift, $pinned);
    }

    public function together(?bool $together): self
    {
        return new self($together, $this->lies, $this->stays, $this->shift);
    }

    public function staying(bool $stays): self
    {
        return new self($this->together, $this->lies, $stays, $this->shift, $this->pinned);
    }

    public function shifted(int $by): self
    {
        return new self($this->together, $this->lies, $this->stays, $this->shift + $by, $this->pinned);
    }
}
