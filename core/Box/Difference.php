<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

/**
 * What is there now and was not, and what is gone.
 *
 * @template T
 */
final readonly class Difference
{
    /**
     * @param  list<T>  $new
     * @param  list<T>  $gone
     */
    public function __construct(public array $new, public array $gone) {}

    public function isNone(): bool
    {
        return $this->new === [] && $this->gone === [];
    }
}
