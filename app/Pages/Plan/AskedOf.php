<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Reference\Labels;
use PluckyWren\Core\Box\Gauges;
use PluckyWren\Core\Box\Shopping\OnHand;
use PluckyWren\Core\Guide\NeedState;
use PluckyWren\Core\Guide\Sizes\BandAim;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\ItemKind;

/** What a box still lacks, by the kinds of things that fill it; each kind is looked up once. */
final class AskedOf
{
    /** @var list<NeedState> */
    private readonly array $needs;

    /** @var list<NeedState> */
    private readonly array $wishes;

    /** @var array<string, array{NeedState|null, NeedState|null}> the need and the wish, by kind */
    private array $byKind = [];

    /** @var array<string, int> by kind and size label */
    private array $groups = [];

    public function __construct(
        public readonly AgeBand $band,
        Gauges $now,
        private readonly Catalogue $catalogue,
        private readonly Labels $labels,
    ) {
        [$this->needs, $this->wishes] = [$now->mustHaves->missing(), $now->wishes->missing()];
    }

    /**
     * In which order something of a kind is offered: 1 where it fills a need, 2 a wish, 3 neither, or is of a size for
     * another child.
     */
    public function group(string $kind, ?string $label): int
    {
        return $this->groups["{$kind} {$label}"] ??= $this->lookedUpGroup($kind, $label);
    }

    /** How a size label lies to the child's band, by what the crew says of it where it does. */
    public function aim(ItemKind $kind, ?string $label): ?BandAim
    {
        return OnHand::aim($kind, (string) $this->labels->told($label, $kind->care->isShoes), $this->band);
    }

    /** @return array{NeedState|null, NeedState|null} the need that a kind fills; where there is none, the wish */
    public function lacking(string $kind): array
    {
        return $this->byKind[$kind] ??= $this->lookedUp($this->catalogue->get($kind));
    }

    /** How many of a kind are proposed, of so many that are left. */
    public function suggested(ItemKind $kind, int $left): int
    {
        [$need, $wish] = $this->lacking($kind->id);

        return max(1, min(($need ?? $wish)?->suggested($kind, $this->band) ?? $kind->usualCount($this->band), $left));
    }

    private function lookedUpGroup(string $kind, ?string $label): int
    {
        [$need, $wish] = $this->lacking($kind);

        return match (true) {
            $need === null && $wish === null => 3,
            $this->aim($this->catalogue->get($kind), $label)?->isForIt() === false => 3,
            default => $need === null ? 2 : 1,
        };
    }

    /** @return array{NeedState|null, NeedState|null} */
    private function lookedUp(ItemKind $kind): array
    {
        $need = self::taking($this->needs, $kind);

        return [$need, $need === null ? self::taking($this->wishes, $kind) : null];
    }

    /** @param list<NeedState> $lacking */
    private static function taking(array $lacking, ItemKind $kind): ?NeedState
    {
        foreach ($lacking as $state) {
            if ($state->need->takesKind($kind)) {
                return $state;
            }
        }

        return null;
    }
}
