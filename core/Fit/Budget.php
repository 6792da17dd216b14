<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit;

/** How long a solver may try: so many constructions, cut short by the clock where one is given. */
final readonly class Budget
{
    private function __construct(public int $constructions, private float $ms, private ?Stopwatch $stopwatch) {}

    public static function ofConstructions(int $constructions): self
    {
        return new self(max(1, $constructions), INF, null);
    }

    public function cutAt(float $ms, Stopwatch $stopwatch): self
    {
        return new self($this->constructions, $ms, $stopwatch);
    }

    public function allows(int $constructionsDone): bool
    {
        return $constructionsDone < $this->constructions && ($this->stopwatch === null || $this->stopwatch->elapsedMs() < $this->ms);
    }
}
