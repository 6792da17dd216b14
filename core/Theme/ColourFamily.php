<?php

declare(strict_types=1);

namespace PluckyWren\Core\Theme;

use PluckyWren\Core\Colour\Colour;

/** What people call a colour when they say that things go together: “pale blue”, “deep red”, or a neutral. */
final readonly class ColourFamily
{
    /** Less than this from grey goes with everything. Our own measure, as are the edges below. */
    private const NEUTRAL = 0.045;

    private const PALE = 0.78;

    private const DEEP = 0.47;

    /** Up to which hue each goes, in degrees. */
    private const HUES = [
        'pink' => 20, 'red' => 42, 'orange' => 70, 'yellow' => 112, 'green' => 168, 'teal' => 220, 'blue' => 285,
        'violet' => 325, 'rose' => 360,
    ];

    /**
     * @param  string  $hue  `neutral`, or one of `HUES`
     * @param  'pale'|'plain'|'deep'  $tone
     */
    private function __construct(public string $hue, public string $tone) {}

    public static function of(Colour $colour): self
    {
        $lab = OkLab::of($colour);
        $tone = match (true) {
            $lab->light >= self::PALE => 'pale',
            $lab->light <= self::DEEP => 'deep',
            default => 'plain',
        };
        if ($lab->chroma() < self::NEUTRAL) {
            return new self('neutral', $tone);
        }
        foreach (self::HUES as $hue => $to) {
            if ($lab->hue() <= $to) {
                return new self($hue, $tone);
            }
        }

        return new self('pink', $tone);
    }

    public function isNeutral(): bool
    {
        return $this->hue === 'neutral';
    }
}
