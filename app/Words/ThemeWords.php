<?php

declare(strict_types=1);

namespace App\Words;

use PluckyWren\Core\Colour\Colour;
use PluckyWren\Core\Theme\ColourFamily;
use PluckyWren\Core\Theme\Reason;
use PluckyWren\Core\Theme\ThemeMatch;

/** Why something goes with a theme, in words. */
final class ThemeWords
{
    /** @return list<string> */
    public static function reasons(ThemeMatch $match): array
    {
        return array_map(static fn (Reason $reason): string => Words::of("plan/theme.reasons.{$reason->sort}", [
            'word' => $reason->word,
            'season' => in_array($reason->sort, ['season', 'off-season'], true)
                ? Words::of("plan/theme.seasons.{$reason->word}")
                : '', 'colour' => $reason->colour === null ? '' : self::colour($reason->colour),
        ]), $match->reasons);
    }

    /** “pale blue”, “deep red”, “grey”. */
    public static function colour(Colour $colour): string
    {
        $family = ColourFamily::of($colour);
        $hue = $family->isNeutral()
            ? Words::of("plan/theme.neutrals.{$family->tone}")
            : Words::of("plan/theme.hues.{$family->hue}");

        return $family->isNeutral() || $family->tone === 'plain'
            ? $hue
            : Words::of("plan/theme.tones.{$family->tone}", ['hue' => $hue]);
    }
}
