<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Drawing;

/** A prism on paper: the sides of it that are seen, and where its step is written. */
final readonly class DrawnPrism
{
    /** Whether something is drawn in the middle of it. */
    public bool $hasFace;

    /** @var array{float, float, float, float} left, top, right and bottom on paper */
    private array $bounds;

    /**
     * @param  list<Face>  $faces
     * @param  list<Patch>  $patches  painted on them
     * @param  list<Patch>  $behind  painted before them
     * @param  array{float, float, float, float, float, float}|null  $stamp  the transform of the kind's own small
     *     drawing; null where it has no room
     * @param  bool  $isFace  whether it looks at us, so that a number stands beside that
     * @param  array{float, float}|null  $label  null where there is no clear spot
     */
    public function __construct(
        public Prism $prism,
        public array $faces,
        public array $patches = [],
        public array $behind = [],
        public ?array $stamp = null,
        bool $isFace = false,
        public ?array $label = null,
    ) {
        $this->hasFace = $isFace || $stamp !== null;
        $points = array_merge(...array_column($faces, 'points'));
        [$rights, $downs] = [array_column($points, 0), array_column($points, 1)];
        $this->bounds = $rights === [] || $downs === []
            ? [0.0, 0.0, 0.0, 0.0]
            : [min($rights), min($downs), max($rights), max($downs)];
    }

    /** Determine if a circle on paper touches any side of it. */
    public function touches(float $x, float $y, float $radius): bool
    {
        [$left, $top, $right, $bottom] = $this->bounds;
        if ($x + $radius < $left || $x - $radius > $right || $y + $radius < $top || $y - $radius > $bottom) {
            return false;
        }
        foreach ($this->faces as $face) {
            if ($face->touches($x, $y, $radius)) {
                return true;
            }
        }

        return false;
    }

    public function withLabel(float $x, float $y): self
    {
        return new self(
            $this->prism, $this->faces, $this->patches, $this->behind, $this->stamp, $this->hasFace, [$x, $y],
        );
    }

    /** The top last: where a number is easiest to read is tried first by reading backwards. */
    public function top(): Face
    {
        return $this->faces[count($this->faces) - 1];
    }
}
