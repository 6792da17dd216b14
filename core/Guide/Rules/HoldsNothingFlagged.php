<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules;

use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Guide;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Guide\TraitFlag;
use PluckyWren\Core\Recipient\Recipient;

/** Notices every piece with a trait that the guide bars, is wary of for this band, or leaves open. */
final class HoldsNothingFlagged implements Rule
{
    public function findings(Guide $guide, Recipient $recipient, array $held): array
    {
        $findings = [];
        foreach ($held as $piece) {
            foreach ($guide->flags as $flag) {
                if ($flag->holdsFor($recipient->band) && in_array($flag->trait, $piece->traits, true)) {
                    $findings[] = $this->finding($flag, $piece);
                }
            }
        }

        return $findings;
    }

    private function finding(TraitFlag $flag, Held $piece): Finding
    {
        return new Finding("trait.{$flag->trait->value}", $flag->weight, [$piece->id], $piece->name, $flag->why, $flag->remedy);
    }
}
