<?php

declare(strict_types=1);

namespace PluckyWren\Core\Colour;

/** One colour of a theme. */
final readonly class Colour
{
    /** @throws InvalidPalette If it is not written like `#1d2f6f`. */
    public function __construct(public string $hex)
    {
        preg_match('/^#[0-9a-f]{6}$/', $hex) === 1 || throw InvalidPalette::unreadable($hex);
    }
}
