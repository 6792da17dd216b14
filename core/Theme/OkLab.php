<?php

declare(strict_types=1);

namespace PluckyWren\Core\Theme;

use PluckyWren\Core\Colour\Colour;

/**
 * A colour by how light it is and by its two opposites of hue, in a space in which equal distances look equally far
 * apart. Source: B. Ottosson, “A perceptual color space for image processing” (2020), whose figures these are.
 */
final readonly class OkLab
{
    private function __construct(public float $light, public float $a, public float $b) {}

    public static function of(Colour $colour): self
    {
        [$red, $green, $blue] = array_map(
            static fn (string $channel): float => self::linear(hexdec($channel) / 255),
            str_split(substr($colour->hex, 1), 2),
        );
        $l = (0.4122214708 * $red + 0.5363325363 * $green + 0.0514459929 * $blue) ** (1 / 3);
        $m = (0.2119034982 * $red + 0.6806995451 * $green + 0.1073969566 * $blue) ** (1 / 3);
        $s = (0.0883024619 * $red + 0.2817188376 * $green + 0.6299787005 * $blue) ** (1 / 3);

        return new self(
            0.2104542553 * $l + 0.7936177850 * $m - 0.0040720468 * $s,
            1.9779984951 * $l - 2.4285922050 * $m + 0.4505937099 * $s,
            0.0259040371 * $l + 0.7827717662 * $m - 0.8086757660 * $s,
        );
    }

    public function distanceTo(self $other): float
    {
        return sqrt(
            ($this->light - $other->light) ** 2 + ($this->a - $other->a) ** 2 + ($this->b - $other->b) ** 2,
        );
    }

    /** How far it is from grey. */
    public function chroma(): float
    {
        return hypot($this->a, $this->b);
    }

    /** Where it lies on the circle of hues, 0 to 360 degrees, from rose over yellow and green to blue. */
    public function hue(): float
    {
        return fmod(rad2deg(atan2($this->b, $this->a)) + 360, 360);
    }

    private static function linear(float $channel): float
    {
        return $channel <= 0.04045 ? $channel / 12.92 : (($channel + 0.055) / 1.055) ** 2.4;
    }
}
