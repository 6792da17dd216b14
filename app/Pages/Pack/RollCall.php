<?php

declare(strict_types=1);

namespace App\Pages\Pack;

use App\Models\Box;
use App\Models\Lot;
use App\Models\Piece;
use App\Queries\OldestLeft;

/** Everything that is to be fetched for some boxes, by the place where it is kept. */
final readonly class RollCall
{
    /** So many others of its kind are offered in place of a piece. */
    private const OTHERS = 3;

    /**
     * @param  list<Box>  $boxes  with their contents loaded
     * @param  array<string, list<Lot>>  $onHand  what could take the place of something, by kind
     */
    private function __construct(public array $boxes, private array $onHand) {}

    /** @param list<Box> $boxes with their contents loaded */
    public static function of(array $boxes): self
    {
        $wanted = [];
        foreach ($boxes as $box) {
            foreach ($box->contents() as $piece) {
                if (! $piece->isToBuy() && ! $piece->is_laid_out) {
                    $kind = $piece->itemKind()->id;
                    $wanted[$kind] = max($wanted[$kind] ?? 0, $piece->quantity);
                }
            }
        }
        $onHand = [];
        foreach ($wanted === [] ? [] : OldestLeft::of(array_keys($wanted), max($wanted) + self::OTHERS) as $lot) {
            $onHand[$lot->kind][] = $lot;
        }

        return new self($boxes, $onHand);
    }

    /** @return list<Lot> what could take the place of a piece, of the same kind and enough of it */
    public function others(Piece $piece): array
    {
        return array_slice(array_values(array_filter(
            $this->onHand[$piece->lot->kind ?? ''] ?? [],
            static fn (Lot $lot): bool => $lot->id !== $piece->lot_id && $lot->stock()->onHand() >= $piece->quantity,
        )), 0, self::OTHERS);
    }

    /** @return array<string, list<Piece>> by the place, in its order; what is kept nowhere, and what is to buy, last */
    public function places(): array
    {
        $places = [];
        foreach ($this->boxes as $box) {
            foreach ($box->contents() as $piece) {
                $piece->setRelation('box', $box);
                $places[$piece->isToBuy() ? "\u{10FFFF}" : $piece->lot->kept ?? ''][] = $piece;
            }
        }
        ksort($places);
        // Where nobody said where a thing is kept, it is looked for after all others.
        $nowhere = array_intersect_key($places, ['' => true]);

        return array_diff_key($places, $nowhere) + $nowhere;
    }

    public function total(): int
    {
        return array_sum(array_map(static fn (Box $box): int => $box->contents()->count(), $this->boxes));
    }

    public function laidOut(): int
    {
        return array_sum(array_map(
            static fn (Box $box): int => $box->contents()->filter(static fn (Piece $piece): bool => $piece->is_laid_out)
                ->count(),
            $this->boxes,
        ));
    }
}
