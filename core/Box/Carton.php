<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

use PluckyWren\Core\Measure\Size;

/** The carton in which a drive stacks boxes, upright, lids on. */
final readonly class Carton
{
    public function __construct(private Size $inside) {}

    /** How many boxes of one outside go in: layers of the best of two-block patterns. */
    public function holds(Size $box): int
    {
        return intdiv($this->inside->height, $box->height) * max(
            $this->inLayer($this->inside->length, $this->inside->width, $box->length, $box->width),
            $this->inLayer($this->inside->width, $this->inside->length, $box->length, $box->width),
        );
    }

    /** Rows of boxes one way round, and the rest of the length filled with them the other way round. */
    private function inLayer(int $length, int $width, int $boxLength, int $boxWidth): int
    {
        $most = 0;
        for ($columns = 0; $columns * $boxLength <= $length; $columns++) {
            $rest = $length - $columns * $boxLength;
            $most = max(
                $most,
                $columns * intdiv($width, $boxWidth) + intdiv($rest, $boxWidth) * intdiv($width, $boxLength),
            );
        }

        return $most;
    }
}
