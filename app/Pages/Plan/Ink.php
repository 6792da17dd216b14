<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use Illuminate\Support\Facades\File;
use Illuminate\Support\HtmlString;
use PluckyWren\Core\Stash\Category;

/**
 * The inks of the open box in daylight, as plain rules that any drawing program reads: for a drawing that leaves the
 * application.
 */
final class Ink
{
    /** The name of the language, as a drawing that stands alone must give it. */
    public const SVG = 'http://www.w3.org/2000/svg';

    /** What is no lane's: each class with its rule. */
    private const RULES = [
        'wall-floor' => 'fill:#e6d9bf',
        'wall-back' => 'fill:#efe4cd',
        'wall-left' => 'fill:#dccba9',
        'wall' => 'stroke:#14312b;stroke-width:1.1',
        'wall-near' => 'fill:none;stroke:#14312b;stroke-width:1;stroke-dasharray:4 3',
        'rim' => 'fill:none;stroke:#14312b;stroke-width:1.5',
        'face-edge' => 'stroke:#14312b;stroke-width:1.1;fill:none',
        'face-mark' => 'stroke:#14312b;stroke-width:0.6;fill:none;opacity:0.65',
        'face-seam' => 'stroke:none',
        'step' => 'fill:#14312b;font:700 11px sans-serif;text-anchor:middle',
    ];

    /** How much white or black is in each face of a piece: light from above. */
    private const TONES = ['top' => [255, 0.42], 'front' => [255, 0.04], 'side' => [0, 0.17]];

    public function sheet(): HtmlString
    {
        return new HtmlString("<style>{$this->css()}</style>");
    }

    private function css(): string
    {
        $css = '';
        foreach (self::RULES as $class => $rule) {
            $css .= ".{$class}{{$rule}}";
        }
        $tokens = File::get(resource_path('css/tokens.css'));
        foreach (Category::cases() as $lane) {
            $found = preg_match("/--{$lane->value}: #([0-9a-f]{6});/", $tokens, $hex) === 1;
            foreach ($found ? self::TONES : [] as $face => [$with, $share]) {
                $ink = self::mixed($hex[1] ?? '', $with, $share);
                $css .= ".lane-{$lane->value} .face-{$face}{fill:{$ink};stroke:{$ink};stroke-width:0.5}";
            }
        }

        return $css;
    }

    private static function mixed(string $hex, int $with, float $share): string
    {
        $mixed = array_map(
            static fn (string $part): int => (int) round((int) hexdec($part) * (1 - $share) + $with * $share),
            str_split($hex, 2),
        );

        return sprintf('#%02x%02x%02x', ...$mixed);
    }
}
