<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Bench;

use PluckyWren\Core\Fit\Placement;

/** Something that a packer said at the bench: this is in, or that is out again. */
final readonly class Press
{
    /**
     * @param  list<Placement>  $in  what went in, and where
     * @param  list<string>  $out  ids of what came out again
     */
    private function __construct(public array $in, public array $out) {}

    /** @param list<Placement> $in */
    public static function in(array $in): self
    {
        return new self($in, []);
    }

    /** @param list<string> $out */
    public static function out(array $out): self
    {
        return new self([], $out);
    }
}
