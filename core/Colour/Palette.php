<?php

declare(strict_types=1);

namespace PluckyWren\Core\Colour;

/** Up to three colours that a box's pieces go together by. */
final readonly class Palette
{
    /** @param list<Colour> $colours */
    private function __construct(public array $colours) {}

    public static function none(): self
    {
        return new self([]);
    }

    /**
     * @param list<string> $hexes
     *
     * @throws InvalidPalette If there are more than three, or one is no colour.
     */
    public static function ofHexes(array $hexes): self
    {
        count($hexes) <= 3 || throw InvalidPalette::tooMany(count($hexes));

        return new self(array_map(static fn (string $hex): Colour => new Colour(strtolower($hex)), $hexes));
    }

    /** @return list<string> */
    public function hexes(): array
    {
        return array_map(static fn (Colour $colour): string => $colour->hex, $this->colours);
    }
}
