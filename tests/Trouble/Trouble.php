<?php

declare(strict_types=1);

namespace Tests\Trouble;

/** How much trouble is made: a little with every run of the tests, a lot on demand (`bin/test trouble --long`). */
final class Trouble
{
    public static function times(int $short, int $long): int
    {
        return getenv('WREN_TROUBLE') === 'long' ? $long : $short;
    }

    /**
     * Another at each long run, so that it does not find the same again and again; told, so that it can be had again.
     */
    public static function seed(): int
    {
        $told = getenv('WREN_SEED');
        $seed = is_string($told) && $told !== ''
            ? (int) $told
            : (getenv('WREN_TROUBLE') === 'long' ? random_int(1, 1_000_000) : 20261126);
        if (getenv('WREN_TROUBLE') === 'long') {
            fwrite(STDERR, "seed {$seed}\n");
        }

        return $seed;
    }
}
