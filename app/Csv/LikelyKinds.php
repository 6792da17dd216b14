<?php

declare(strict_types=1);

namespace App\Csv;

use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Stash\Line\Known;
use PluckyWren\Core\Stash\Line\Names;
use PluckyWren\Core\Stash\Line\Scan;

/** Which kind a table means that says so in words of its own, “Soap, bar” say; each text is looked at once. */
final class LikelyKinds
{
    private readonly Names $names;

    /** @var array<string, ItemKind|null> by text */
    private array $likely = [];

    public function __construct(private readonly Catalogue $catalogue)
    {
        $this->names = new Names($catalogue, new Known);
    }

    /** Get the kind that a text means; null where it names a kind as it is, or none that is beyond doubt. */
    public function of(string $text): ?ItemKind
    {
        if ($text !== '' && ! array_key_exists($text, $this->likely)) {
            $found = $this->catalogue->named($text) === null ? $this->names->found(new Scan($text)) : null;
            $this->likely[$text] = $found?->isSure === true ? $found->kind : null;
        }

        return $this->likely[$text] ?? null;
    }

    /** @return array<string, string> names of kinds, by the texts that were taken for them */
    public function taken(): array
    {
        return array_map(
            static fn (ItemKind $kind): string => $kind->name,
            array_filter($this->likely, static fn (?ItemKind $kind): bool => $kind !== null),
        );
    }
}
