<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Drawing;

/** Something drawn on a piece: a patch of another tone, or a line. */
final readonly class Patch
{
    /**
     * @param  'dark'|'light'|'pages'|'wood'|'ink'|'line'|'fine'|'shine'|'band'  $tone
     * @param  list<array{float, float}>  $points  right and down, in drawing units
     */
    private function __construct(public string $tone, public array $points, public bool $isClosed) {}

    /**
     * @param  'dark'|'light'|'pages'|'wood'|'ink'  $tone
     * @param  list<array{float, float}>  $points
     */
    public static function filled(string $tone, array $points): self
    {
        return new self($tone, $points, true);
    }

    /**
     * @param  'line'|'fine'|'shine'|'band'  $tone
     * @param  list<array{float, float}>  $points
     */
    public static function line(string $tone, array $points): self
    {
        return new self($tone, $points, false);
    }
}
