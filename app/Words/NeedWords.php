<?php

declare(strict_types=1);

namespace App\Words;

use PluckyWren\Core\Guide\NeedState;

/** Says what is lacking of what the guide asks for. */
final class NeedWords
{
    /** Get “soap”, “pencils (5)” where several are asked for, “pencils (2 more)” where some are there. */
    public static function lacking(NeedState $state): string
    {
        return Words::of('plan/gauges.lacking.'.match (true) {
            $state->asked === 1 => 'one',
            $state->held === 0 => 'several',
            default => 'more',
        }, ['name' => $state->need->name, 'count' => $state->lacks()]);
    }

    /**
     * @param  list<NeedState>  $states
     * @return list<string>
     */
    public static function all(array $states): array
    {
        return array_map(self::lacking(...), $states);
    }
}
