<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Filling;

/** Something that is proposed for a box, and for what. */
final readonly class Chosen
{
    /** @param string|null $for the need or wish that it fills; null where it is there for itself */
    public function __construct(
        public Candidate $candidate,
        public int $quantity,
        public ?string $for,
        public bool $isMust,
    ) {}
}
