<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules\Needs;

use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Rules\Rule;
use PluckyWren\Core\Guide\Rules\RuleCard;
use PluckyWren\Core\Guide\Weight;

/** Says so where the guide is gone by which a box was planned: silence would read as approval. */
final class GuideIsThere implements Rule
{
    public function card(): RuleCard
    {
        return new RuleCard(['guide.lost' => [Weight::Hazard]], RuleCard::THE_GUIDE);
    }

    public function findings(BoxContents $box): array
    {
        return $box->guide->edition->isLost
            ? [new Finding('guide.lost', 'guide.lost', Weight::Hazard, [], canBeOverruled: false)]
            : [];
    }
}
