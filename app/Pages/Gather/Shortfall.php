<?php

declare(strict_types=1);

namespace App\Pages\Gather;

use App\Models\Box;
use App\Pages\Plan\Picker;
use Illuminate\Support\Collection;
use PluckyWren\Core\Box\Shopping\ShoppingLine;
use PluckyWren\Core\Box\Shopping\ShoppingList;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\ItemKind;

/** What the open boxes together still lack. */
final class Shortfall
{
    /** @var Collection<string, Box>|null by id */
    private ?Collection $boxes = null;

    /** @var list<ShoppingLine>|null */
    private ?array $lines = null;

    public function __construct(private readonly Picker $picker, private readonly Catalogue $catalogue) {}

    /** @return list<ShoppingLine> must-haves first, then by lane */
    public function lines(): array
    {
        return $this->lines ??= ShoppingList::of(
            $this->boxes()->map(static fn (Box $box) => $box->plan())->all(),
            $this->picker->onHand(),
            $this->catalogue,
        );
    }

    /** Get how many of a kind are still to be bought. */
    public function toBuy(ItemKind $kind): int
    {
        foreach ($this->lines() as $line) {
            if ($line->kind->id === $kind->id) {
                return $line->toBuy();
            }
        }

        return 0;
    }

    /** @return list<AgeBand> the bands of the boxes that lack a kind */
    public function bandsOf(ItemKind $kind): array
    {
        $bands = [];
        foreach ($this->lines() as $line) {
            foreach ($line->kind->id === $kind->id ? $this->boxes()->only(array_keys($line->byBox)) : [] as $box) {
                $bands[$box->band] = $box->recipient()->band;
            }
        }

        return array_values($bands);
    }

    /** @return Collection<string, Box> the boxes that may still be filled, by id, in the order of the shelf */
    public function boxes(): Collection
    {
        return $this->boxes ??= Box::stillOpen()
            ->with(Box::CONTENTS)
            ->get()
            ->sortBy('number')->keyBy(static fn (Box $box): string => $box->id)->toBase();
    }
}
