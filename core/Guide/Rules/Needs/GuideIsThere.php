<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules\Needs;

use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Rules\Rule;
use PluckyWren\Core\Guide\Weight;

/** Says so where the guide is gone by which a box was planned: silence would read as approval. */
final class GuideIsThere implements Rule
{
    public function findings(BoxContents $box): array
    {
        return $box->guide->isLost
            ? [
                new Finding(
                    'guide.lost',
                    Weight::Hazard,
                    [],
                    'Guide',
                    'The guide of this box is gone or cannot be read, so nothing was checked.',
                    'Plan the box by another guide.',
                    canBeOverruled: false,
                ),
            ]
            : [];
    }
}
