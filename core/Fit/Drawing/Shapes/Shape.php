<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Drawing\Shapes;

use PluckyWren\Core\Fit\Drawing\Face;
use PluckyWren\Core\Fit\Drawing\Patch;

/** What is drawn in place of a plain block: the faces of something else within it, and what is drawn on them. */
final readonly class Shape
{
    /**
     * @param  list<Face>  $faces  the one that a number is best read on last
     * @param  list<Patch>  $patches
     * @param  list<Patch>  $behind  what is painted before the faces
     */
    public function __construct(public array $faces, public array $patches = [], public array $behind = []) {}

    /**
     * A face with its whole outline drawn.
     *
     * @param  'top'|'front'|'side'  $tone
     * @param  non-empty-list<array{float, float}>  $points
     */
    public static function face(string $tone, array $points): Face
    {
        $edges = [];
        foreach ($points as $i => $point) {
            $edges[] = [$point, $points[($i + 1) % count($points)]];
        }

        return new Face($tone, $points, $edges);
    }
}
