<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Moves;

/** One thing that is true of where a piece lies: by a wall or a corner of the box, or by what lies there already. */
final readonly class Relation
{
    /**
     * @param  'floor'|'on'|'corner'|'wall'|'beside'|'beside-it'|'from'|'above'  $kind
     * @param  list<Side>  $sides  of the box; or on which side of the other it lies
     * @param  string|null  $other  the id of what lies there already
     * @param  int|null  $cm  whole centimetres from a wall
     * @param  int|null  $mm  whole millimetres above the floor
     */
    private function __construct(
        public string $kind,
        public array $sides = [],
        public ?string $other = null,
        public ?int $cm = null,
        public ?int $mm = null,
    ) {}

    public static function onFloor(): self
    {
        return new self('floor');
    }

    public static function on(string $other): self
    {
        return new self('on', [], $other);
    }

    public static function inCorner(Side $frontOrBack, Side $leftOrRight): self
    {
        return new self('corner', [$frontOrBack, $leftOrRight]);
    }

    public static function againstWall(Side $wall): self
    {
        return new self('wall', [$wall]);
    }

    public static function beside(Side $side, string $other): self
    {
        return new self('beside', [$side], $other);
    }

    /** By what was told just before it, and no other of the same name. */
    public static function besideIt(Side $side, string $it): self
    {
        return new self('beside-it', [$side], $it);
    }

    public static function above(int $mm): self
    {
        return new self('above', [], null, null, $mm);
    }

    public static function from(Side $wall, int $cm): self
    {
        return new self('from', [$wall], null, $cm);
    }
}
