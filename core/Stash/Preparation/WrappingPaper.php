<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Preparation;

use PluckyWren\Core\Measure\Size;

/**
 * How much paper a box takes when lid and base are wrapped apart, so that it still opens. Tenths of a millimetre
 * throughout.
 */
final readonly class WrappingPaper
{
    /** What is folded over the rim and glued inside. An estimate. */
    private const TURN_IN = 300;

    private function __construct(public Size $box, public int $lidDepth) {}

    /**
     * @param  Size  $outside  with the lid on
     * @param  int  $lidDepth  how far the lid reaches down
     */
    public static function for(Size $outside, int $lidDepth): self
    {
        return new self($outside, min($lidDepth, $outside->height));
    }

    /** @return array{int, int} the sheet for the base: floor, four walls and what is turned in */
    public function baseSheet(): array
    {
        return $this->sheet($this->box->height);
    }

    /** @return array{int, int} the sheet for the lid */
    public function lidSheet(): array
    {
        return $this->sheet($this->lidDepth);
    }

    /**
     * How many boxes a roll covers: sheets side by side across it, bases and lids each in rows of their own, whichever
     * way round covers most.
     */
    public function boxesFrom(int $rollWidth, int $rollLength): int
    {
        $most = 0;
        foreach ($this->bothWays($this->baseSheet()) as $base) {
            foreach ($this->bothWays($this->lidSheet()) as $lid) {
                $most = max($most, $this->boxesLaid($base, $lid, $rollWidth, $rollLength));
            }
        }

        return $most;
    }

    /** @return array{int, int} */
    private function sheet(int $wall): array
    {
        $around = 2 * ($wall + self::TURN_IN);

        return [$this->box->length + $around, $this->box->width + $around];
    }

    /**
     * @param  array{int, int}  $base  across the roll, along it
     * @param  array{int, int}  $lid
     */
    private function boxesLaid(array $base, array $lid, int $width, int $length): int
    {
        if ($width >= $base[0] + $lid[0]) {
            // A base and its lid beside each other, as many pairs as go across.
            return intdiv($width, $base[0] + $lid[0]) * intdiv($length, max($base[1], $lid[1]));
        }
        [$bases, $lids] = [intdiv($width, $base[0]), intdiv($width, $lid[0])];
        $boxes = 0;
        while (
            $bases > 0
                && $lids > 0
                && intdiv($boxes + $bases, $bases) * $base[1] + intdiv($boxes + $lids, $lids) * $lid[1] <= $length
        ) {
            $boxes++;
        }

        return $boxes;
    }

    /**
     * @param  array{int, int}  $sheet
     * @return list<array{int, int}>
     */
    private function bothWays(array $sheet): array
    {
        return [$sheet, [$sheet[1], $sheet[0]]];
    }
}
