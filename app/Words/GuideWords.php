<?php

declare(strict_types=1);

namespace App\Words;

use PluckyWren\Core\Guide\Guide;
use PluckyWren\Core\Guide\MostAsked;
use PluckyWren\Core\Recipient\Gender;

/** What a guide says beside its rules, in words. */
final class GuideWords
{
    /** For whom its drive gets too few boxes: “Most asked for: boys of 8–12.”; empty where it does not say. */
    public static function mostAsked(Guide $guide): string
    {
        $whom = array_map(
            static fn (MostAsked $asked): string => Words::of('guides/guides.whom', [
                'who' => Words::of('people.many.'.($asked->gender ?? Gender::Either)->value),
                'band' => $asked->band->label(),
            ]),
            $guide->audience->mostAsked,
        );

        return $whom === [] ? '' : Words::of('guides/guides.most-asked', ['whom' => implode(', ', $whom)]);
    }
}
