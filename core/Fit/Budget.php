<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit;

/** How long a solver may try: so many attempts, cut short by the clock where one is given. */
final readonly class Budget
{
    /** So much longer than it may try may an attempt take that began in time. */
    private const GRACE_MS = 400.0;

    private function __construct(public int $attempts, private float $ms, private ?Stopwatch $stopwatch) {}

    public static function ofAttempts(int $attempts): self
    {
        return new self(max(1, $attempts), INF, null);
    }

    public function cutAt(float $ms, Stopwatch $stopwatch): self
    {
        return new self($this->attempts, $ms, $stopwatch);
    }

    /** For a second try at the same: half as many attempts, until the clock, which goes on, is half as far again. */
    public function secondTry(): self
    {
        return new self(max(1, intdiv($this->attempts, 2)), $this->ms * 1.5, $this->stopwatch);
    }

    /**
     * Determine if even an attempt that is under way has to end: no problem, whatever it is, takes longer than this.
     */
    public function isSpent(): bool
    {
        return $this->stopwatch !== null && $this->stopwatch->elapsedMs() >= $this->ms + self::GRACE_MS;
    }

    public function allows(int $attemptsDone): bool
    {
        return $attemptsDone < $this->attempts
            && ($this->stopwatch === null || $this->stopwatch->elapsedMs() < $this->ms);
    }
}
