<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

/**
 * A block to be placed: one piece, or several that join to a block with hardly a gap. Sides and blocks are in tenths of
 * a millimetre, an axis is 0 along the length, 1 along the width, 2 upwards.
 */
final readonly class Unit
{
    /** Which side of a block may lie along which axis. */
    private const TURNS = [[0, 1, 2], [1, 0, 2], [0, 2, 1], [2, 0, 1], [1, 2, 0], [2, 1, 0]];

    /**
     * So much two sides may differ and still count as alike, in tenths of a millimetre: less than anything could fill.
     */
    private const ALIKE = 40;

    /** What its pieces take of it. */
    public int $volume;

    /**
     * @param  array{int, int, int}  $sides
     * @param  non-empty-array<int, int>  $uses  how many of each kind it takes, by the kind's number
     * @param  list<array{self, array{int, int, int}}>  $joined  the two that it is joined of along its last side, and
     *     which of their sides are its own
     */
    private function __construct(public array $sides, public array $uses, public array $joined, ?int $volume = null)
    {
        $this->volume = $volume ?? $sides[0] * $sides[1] * $sides[2];
    }

    /** @param array{int, int, int} $sides */
    public static function single(int $kind, array $sides): self
    {
        return new self($sides, [$kind => 1], []);
    }

    /**
     * The blocks that this and $that join to where two of their sides are alike.
     *
     * @return list<self>
     */
    public function joinedWith(self $that): array
    {
        $blocks = [];
        foreach ([[0, 1, 2], [0, 2, 1], [1, 2, 0]] as $mine) {
            foreach (self::TURNS as $others) {
                if (
                    abs($this->sides[$mine[0]] - $that->sides[$others[0]]) <= self::ALIKE
                        && abs($this->sides[$mine[1]] - $that->sides[$others[1]]) <= self::ALIKE
                ) {
                    $sides = [
                        max($this->sides[$mine[0]], $that->sides[$others[0]]),
                        max($this->sides[$mine[1]], $that->sides[$others[1]]),
                        $this->sides[$mine[2]] + $that->sides[$others[2]],
                    ];
                    $uses = $this->uses;
                    foreach ($that->uses as $kind => $count) {
                        $uses[$kind] = ($uses[$kind] ?? 0) + $count;
                    }
                    $blocks[implode('/', $sides)] = new self(
                        $sides,
                        $uses,
                        [[$this, $mine], [$that, $others]],
                        $this->volume + $that->volume,
                    );
                }
            }
        }

        return array_values($blocks);
    }

    /**
     * The ways to turn it, each once: its measures along the three axes, and which axis each of its sides lies along.
     *
     * @return list<array{int, int, int, array{int, int, int}}>
     */
    public function turns(bool $keepUpright = false): array
    {
        $turns = [];
        foreach ($keepUpright ? array_slice(self::TURNS, 0, 2) : self::TURNS as $sideOfAxis) {
            [$first, $second, $third] = $sideOfAxis;
            [$l, $w, $h] = [$this->sides[$first], $this->sides[$second], $this->sides[$third]];
            $axes = [0, 0, 0];
            [$axes[$first], $axes[$second], $axes[$third]] = [0, 1, 2];
            $turns["{$l}/{$w}/{$h}"] ??= [$l, $w, $h, $axes];
        }

        return array_values($turns);
    }

    /**
     * The blocks of its pieces, [x1, y1, z1, x2, y2, z2], the lower ones first, when it lies with its near lower corner
     * at a point.
     *
     * @param  array{int, int, int}  $at
     * @param  array{int, int, int}  $axes
     * @return list<array{int, array{int, int, int, int, int, int}}> kind number and block
     */
    public function layout(array $at, array $axes): array
    {
        if ($this->joined === []) {
            $lies = [0, 0, 0];
            foreach ($axes as $side => $axis) {
                $lies[$axis] = $this->sides[$side];
            }

            return [
                [
                    array_key_first($this->uses),
                    [$at[0], $at[1], $at[2], $at[0] + $lies[0], $at[1] + $lies[1], $at[2] + $lies[2]],
                ],
            ];
        }
        $layout = [];
        foreach ($this->joined as [$part, $own]) {
            $sides = array_flip($own);
            array_push($layout, ...$part->layout($at, [$axes[$sides[0]], $axes[$sides[1]], $axes[$sides[2]]]));
            $step = [0, 0, 0];
            $step[$axes[2]] = $part->sides[$own[2]];
            $at = [$at[0] + $step[0], $at[1] + $step[1], $at[2] + $step[2]];
        }

        return $layout;
    }
}
