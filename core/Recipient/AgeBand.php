<?php

declare(strict_types=1);

namespace PluckyWren\Core\Recipient;

/** Whole years of age, both ends included. */
final readonly class AgeBand
{
    /** @throws InvalidBand If it ends before it starts. */
    public function __construct(public int $fromYears, public int $toYears)
    {
        if ($toYears < $fromYears) {
            throw InvalidBand::endsBeforeItStarts($fromYears, $toYears);
        }
    }

    /**
     * Reads the id of a band, `4-7`.
     *
     * @throws InvalidBand If it is not written so.
     */
    public static function parse(string $text): self
    {
        return preg_match('/^(\d{1,2})-(\d{1,2})$/', $text, $m) === 1
            ? new self((int) $m[1], (int) $m[2])
            : throw InvalidBand::unreadable($text);
    }

    public function id(): string
    {
        return "{$this->fromYears}-{$this->toYears}";
    }

    /** With the dash that is printed: `4–7`. */
    public function label(): string
    {
        return "{$this->fromYears}–{$this->toYears}";
    }

    /** How many years of age it holds. */
    public function years(): int
    {
        return $this->toYears - $this->fromYears + 1;
    }

    /** How many years of age both bands hold. */
    public function sharedYears(self $that): int
    {
        return max(0, min($this->toYears, $that->toYears) - max($this->fromYears, $that->fromYears) + 1);
    }
}
