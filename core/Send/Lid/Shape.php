<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send\Lid;

/** A flat shape of one colour; all in tenths of a millimetre from the upper left corner. */
final readonly class Shape
{
    /**
     * @param  list<array{int, int}>  $points  its corners; of a circle its middle alone
     * @param  int  $radius  of a circle; 0 for what has corners
     */
    public function __construct(public string $hex, public array $points, public int $radius = 0) {}
}
