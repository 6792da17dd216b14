<?php

declare(strict_types=1);

namespace App\Pages\Pack;

use App\Models\Box;
use App\Models\Piece;

/** Everything that is to be fetched for some boxes, by the place where it is kept. */
final readonly class RollCall
{
    /** @param list<Box> $boxes with their contents loaded */
    public function __construct(public array $boxes) {}

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
