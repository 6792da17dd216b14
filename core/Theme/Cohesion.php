<?php

declare(strict_types=1);

namespace PluckyWren\Core\Theme;

/** How well what is in a box hangs together. */
final readonly class Cohesion
{
    private function __construct(public int $on, public int $neutral, public int $off) {}

    /** @param list<ThemeMatch> $matches one a piece of the box */
    public static function of(array $matches): self
    {
        $count = static fn (Standing $standing): int => count(array_filter(
            $matches,
            static fn (ThemeMatch $match): bool => $match->standing === $standing,
        ));

        return new self($count(Standing::On), $count(Standing::Neutral), $count(Standing::Off));
    }

    /**
     * In hundredths: what is neither for nor against counts for nothing, as a bar of soap spoils no theme. Null where
     * nothing speaks for or against.
     */
    public function hundredths(): ?int
    {
        $speaking = $this->on + $this->off;

        return $speaking === 0 ? null : intdiv(100 * $this->on, $speaking);
    }
}
