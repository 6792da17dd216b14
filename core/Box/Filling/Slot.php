<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Filling;

/** A place in a box that one way of filling is chosen for: a need, a wish, or one more thing of a kind. */
final readonly class Slot
{
    /**
     * @param  string|null  $for  the need or wish; null where a thing is there for itself
     * @param  int  $lacks  how many go in
     * @param  list<Option>  $options  the best first; that nothing goes in is none of them
     */
    public function __construct(
        public ?string $for,
        public bool $isMust,
        public int $lacks,
        public array $options,
    ) {}

    public function only(Option $option): self
    {
        return new self($this->for, $this->isMust, $this->lacks, [$option]);
    }
}
