<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\InvalidMoney;

/** Several kits alike, put together from what lies in the stash. */
final readonly class KitPlan
{
    /** @param list<KitPart> $parts */
    public function __construct(public array $parts, private Currency $currency) {}

    /** How many can be made; 0 where nothing goes in. */
    public function canMake(): int
    {
        return $this->parts === []
            ? 0
            : min(array_map(static fn (KitPart $part): int => $part->reaches(), $this->parts));
    }

    /** What runs out first; null where nothing goes in. */
    public function runsOutFirst(): ?KitPart
    {
        foreach ($this->parts as $part) {
            if ($part->reaches() === $this->canMake()) {
                return $part;
            }
        }

        return null;
    }

    /**
     * What one of them costs; null where the price of something in it is not known.
     *
     * @throws InvalidMoney
     */
    public function costEach(): ?ExactAmount
    {
        $cost = ExactAmount::zero($this->currency);
        foreach ($this->parts as $part) {
            $more = $part->price->times($part->each);
            if ($more === null) {
                return null;
            }
            $cost = $cost->plus($more);
        }

        return $cost;
    }

    /** What each of them holds beside what it is packed in. */
    public function inside(): Inside
    {
        $holder = $this->holder();

        return Inside::ofThings(array_values(array_map(
            static fn (KitPart $part): array => [$part->thing, $part->each],
            array_filter($this->parts, static fn (KitPart $part): bool => $part !== $holder),
        )));
    }

    /**
     * What does not all go into what the rest is packed in, and how many would; null where all goes in.
     *
     * @return array{Thing, int}|null
     */
    public function stuck(): ?array
    {
        $holder = $this->holder();

        return $holder === null ? null : FilledThing::with($holder->thing, $this->inside())->stuck();
    }

    /**
     * One of them: as large as what it is packed in is with all that is in it, or as such kits usually are where it is
     * packed in nothing.
     */
    public function thing(ItemKind $kind, string $name): Thing
    {
        $holder = $this->holder()?->thing;

        return new Thing(
            $kind,
            $name,
            $holder === null
                ? new Measures($kind->body->size)
                : new Measures(FilledThing::with($holder, $this->inside())->size(), $holder->measures->areTaken),
            $holder->traits ?? [],
            null,
            $this->inside(),
        );
    }

    /** What the rest is packed in: the one thing with room inside of which each kit has one; null where none is. */
    public function holder(): ?KitPart
    {
        foreach ($this->parts as $part) {
            if ($part->each === 1 && $part->thing->kind->handling->cavity !== null) {
                return $part;
            }
        }

        return null;
    }
}
