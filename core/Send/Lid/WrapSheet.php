<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send\Lid;

/**
 * The sheet that a box or its lid is wrapped with: the floor in the middle, a wall on each side, and a strip that goes
 * over the edge to the inside. All in tenths of a millimetre.
 */
final readonly class WrapSheet
{
    /** What is folded over the edge. Two centimetres hold with glue or tape. */
    public const TURN_IN = 200;

    private function __construct(public int $length, public int $width, public int $wall) {}

    /**
     * @param  int  $length  of the floor outside
     * @param  int  $width  likewise
     * @param  int  $wall  how high the walls are
     */
    public static function of(int $length, int $width, int $wall): self
    {
        return new self($length, $width, $wall);
    }

    public function sheetLength(): int
    {
        return $this->length + 2 * $this->border();
    }

    public function sheetWidth(): int
    {
        return $this->width + 2 * $this->border();
    }

    /** From the sheet's edge to the floor. */
    public function border(): int
    {
        return $this->wall + self::TURN_IN;
    }

    /**
     * @return array{along: list<int>, across: list<int>} where it is folded: from the left edge, and from the upper one
     */
    public function folds(): array
    {
        $folds = fn (int $floor): array => [
            self::TURN_IN, $this->border(), $this->border() + $floor, $this->border() + $floor + $this->wall,
        ];

        return ['along' => $folds($this->length), 'across' => $folds($this->width)];
    }

    /**
     * Where it is cut at the four corners, so that the long walls' ends go round under the short ones.
     *
     * @return list<array{int, int, int, int}> lines from x, y to x, y
     */
    public function cuts(): array
    {
        $left = $this->border();
        $right = $left + $this->length;
        $bottom = $left + $this->width;

        return [
            [0, $left, $left, $left], [$right, $left, $this->sheetLength(), $left],
            [0, $bottom, $left, $bottom], [$right, $bottom, $this->sheetLength(), $bottom],
        ];
    }
}
