<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide;

/** How far one need is filled by what a box holds. */
final readonly class NeedState
{
    public function __construct(public Need $need, public int $asked, public int $held) {}

    public function isFilled(): bool
    {
        return $this->held >= $this->asked;
    }

    public function lacks(): int
    {
        return max(0, $this->asked - $this->held);
    }

    /** “soap”, “pencils (5)” where several are asked for, “pencils (2 more)” where some are there. */
    public function missing(): string
    {
        return match (true) {
            $this->asked === 1 => $this->need->name,
            $this->held === 0 => "{$this->need->name} ({$this->asked})",
            default => "{$this->need->name} ({$this->lacks()} more)",
        };
    }
}
