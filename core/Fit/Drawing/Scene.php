<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Drawing;

/** The open box on paper: its far walls, what is in it from back to front, its near walls and rim. */
final readonly class Scene
{
    /**
     * @param  array<'floor'|'back'|'left', list<array{float, float}>>  $farWalls
     * @param  list<DrawnPrism>  $prisms  back to front
     * @param  list<list<array{float, float}>>  $nearWalls
     * @param  list<array{float, float}>  $rim
     * @param  array{float, float, float, float}  $frame  left, top, width and height of all that is drawn
     */
    public function __construct(
        public array $farWalls,
        public array $prisms,
        public array $nearWalls,
        public array $rim,
        public array $frame,
    ) {}
}
