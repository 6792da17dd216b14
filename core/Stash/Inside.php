<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

/** What lies in each thing of a kind, a filled care bag say: so many of other things, or of a kind as it usually is. */
final readonly class Inside
{
    /** @var list<array{ItemKind, int}> kinds with how many of each */
    public array $kinds;

    /** @param list<array{Thing, int}> $things with how many of each */
    private function __construct(public array $things)
    {
        $this->kinds = array_map(static fn (array $one): array => [$one[0]->kind, $one[1]], $things);
    }

    public static function nothing(): self
    {
        return new self([]);
    }

    /** @param list<array{Thing, int}> $things with how many of each */
    public static function ofThings(array $things): self
    {
        return new self($things);
    }

    /** @param array<string, int> $counts by the kind's id */
    public static function ofCounts(array $counts, Catalogue $catalogue): self
    {
        return new self(array_map(
            static fn (string $id, int $count): array => [Thing::usual($catalogue->get($id)), $count],
            array_keys($counts),
            $counts,
        ));
    }

    public function isEmpty(): bool
    {
        return $this->things === [];
    }

    /** @return array<string, int> by the kind's id */
    public function counts(): array
    {
        $counts = [];
        foreach ($this->kinds as [$kind, $count]) {
            $counts[$kind->id] = ($counts[$kind->id] ?? 0) + $count;
        }

        return $counts;
    }
}
