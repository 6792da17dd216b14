<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

/** Up to three colours that a box's pieces go together by. */
final readonly class Palette
{
    /** @var list<Colour> */
    public array $colours;

    /** @throws InvalidPalette If there are more than three. */
    public function __construct(Colour ...$colours)
    {
        count($colours) <= 3 || throw InvalidPalette::tooMany(count($colours));
        $this->colours = array_values($colours);
    }

    /**
     * @param list<string> $hexes
     *
     * @throws InvalidPalette
     */
    public static function ofHexes(array $hexes): self
    {
        return new self(...array_map(static fn (string $hex): Colour => new Colour(strtolower($hex)), $hexes));
    }

    /** @return list<string> */
    public function hexes(): array
    {
        return array_map(static fn (Colour $colour): string => $colour->hex, $this->colours);
    }
}
