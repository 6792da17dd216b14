<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Shopping;

use PluckyWren\Core\Guide\Sizes\BandAim;
use PluckyWren\Core\Guide\Sizes\BandFit;
use PluckyWren\Core\Guide\Sizes\SizeLabel;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\ItemKind;

/** What lies in the stash and is promised to no box; clothes count only for a band that their size suits. */
final class OnHand
{
    /** @param array<string, array<string, int>> $counts by kind, then by the size label, empty where it bears none */
    public function __construct(private array $counts, private readonly Catalogue $catalogue) {}

    /** @param array<string, int> $counts by kind, nothing of it with a size */
    public static function withoutSizes(array $counts, Catalogue $catalogue): self
    {
        return new self(array_map(static fn (int $count): array => ['' => $count], $counts), $catalogue);
    }

    /**
     * Determine if a piece of a kind may be meant for a band, as far as its size label tells; one without a label, or
     * with one that nobody can read, may.
     */
    public static function suits(ItemKind $kind, string $label, AgeBand $band): bool
    {
        return self::aim($kind, $label, $band)?->isForIt() ?? true;
    }

    /** How its size label lies to a band; null where it bears none, or one that nobody can read. */
    public static function aim(ItemKind $kind, string $label, AgeBand $band): ?BandAim
    {
        $size = $kind->care->isWorn && $label !== '' ? SizeLabel::read($label, $kind->care->isShoes, $band) : null;

        return $size === null ? null : BandFit::of($size, $band, $kind->care->isElastic)->aim;
    }

    /** How many of a kind there are for a band. */
    public function of(string $kind, AgeBand $band): int
    {
        $counts = $this->counts[$kind] ?? [];
        if ($counts === []) {
            return 0;
        }
        $itemKind = $this->catalogue->get($kind);

        return array_sum(
            array_filter(
                $counts,
                static fn (int $count, int|string $label): bool => $count > 0
                    && self::suits($itemKind, (string) $label, $band),
                ARRAY_FILTER_USE_BOTH,
            ),
        );
    }

    /** Take up to $most of a kind for a band; what is taken is not there for the next. */
    public function take(string $kind, AgeBand $band, int $most): int
    {
        $taken = 0;
        foreach ($this->counts[$kind] ?? [] as $label => $count) {
            if (self::suits($this->catalogue->get($kind), (string) $label, $band)) {
                $now = max(0, min($count, $most - $taken));
                $this->counts[$kind][$label] -= $now;
                $taken += $now;
            }
        }

        return $taken;
    }
}
