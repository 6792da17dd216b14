<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide;

use Countable;

/** What the rules noticed in a box, heaviest first. */
final readonly class Findings implements Countable
{
    /** @param list<Finding> $all */
    private function __construct(public array $all) {}

    public static function of(Finding ...$findings): self
    {
        usort($findings, static fn (Finding $one, Finding $other): int => $one->weight->rank() <=> $other->weight->rank());

        return new self($findings);
    }

    public function count(): int
    {
        return count($this->all);
    }

    public function isEmpty(): bool
    {
        return $this->all === [];
    }

    /** Those that must be mended before the box is handed in. */
    public function toMend(): self
    {
        return new self(array_values(array_filter($this->all, static fn (Finding $finding): bool => $finding->weight->mustBeMended())));
    }

    /** Those that rest on one piece. */
    public function onPiece(string $id): self
    {
        return new self(array_values(array_filter($this->all, static fn (Finding $finding): bool => in_array($id, $finding->pieces, true))));
    }
}
