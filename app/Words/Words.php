<?php

declare(strict_types=1);

namespace App\Words;

use App\Crews\CrewInHand;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Lang;
use LogicException;

/** The words that a person reads, from `lang/`; always a text, where the framework's helper may answer with a list. */
final class Words
{
    /** @param array<string, string|int|float|null> $with */
    public static function of(string $key, array $with = []): string
    {
        $words = Lang::get($key, $with);

        return is_string($words) ? $words : throw new LogicException("The words “{$key}” are a list.");
    }

    /**
     * “soap, a comb and pencils”.
     *
     * @param  array<string>  $names
     */
    public static function listed(array $names): string
    {
        $last = (string) array_pop($names);

        return $names === [] ? $last : self::of('words.and', ['names' => implode(', ', $names), 'last' => $last]);
    }

    /** A moment as the crew's clock shows it: “26 Nov 2026, 09:05”. */
    public static function moment(CarbonImmutable $moment): string
    {
        return $moment->setTimezone(resolve(CrewInHand::class)->timeZone())->format('j M Y, H:i');
    }
}
