<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

/** What lies in each thing of a kind, a filled care bag say: so many of other kinds. */
final readonly class Inside
{
    /** @param list<array{ItemKind, int}> $kinds with how many of each */
    private function __construct(public array $kinds) {}

    public static function nothing(): self
    {
        return new self([]);
    }

    /** @param array<string, int> $counts by the kind's id */
    public static function ofCounts(array $counts, Catalogue $catalogue): self
    {
        return new self(array_map(
            static fn (string $id, int $count): array => [$catalogue->get($id), $count],
            array_keys($counts),
            $counts,
        ));
    }

    public function isEmpty(): bool
    {
        return $this->kinds === [];
    }

    /** @return array<string, int> by the kind's id */
    public function counts(): array
    {
        $counts = [];
        foreach ($this->kinds as [$kind, $count]) {
            $counts[$kind->id] = $count;
        }

        return $counts;
    }
}
