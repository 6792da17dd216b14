<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

/** How much of a gap beside a piece the pieces that are left can fill, one or two of them side by side. */
final readonly class UsableGaps
{
    /** A wider gap, in tenths of a millimetre, can be used one way or another. */
    public const NARROW = 800;

    /** @var list<int> what of a gap nothing can fill, by the gap */
    public array $lost;

    /** @param array<int, true> $sides lengths that the pieces have, as keys, in tenths of a millimetre */
    public function __construct(array $sides)
    {
        $narrow = array_values(array_filter(array_keys($sides), static fn (int $side): bool => $side <= self::NARROW));
        $fills = array_fill(0, self::NARROW + 1, 0);
        foreach ($narrow as $at => $one) {
            $fills[$one] = $one;
            for ($other = $at; $other < count($narrow); $other++) {
                $both = $one + $narrow[$other];
                if ($both <= self::NARROW) {
                    $fills[$both] = $both;
                }
            }
        }
        $lost = [];
        $most = 0;
        foreach ($fills as $gap => $fill) {
            $most = max($most, $fill);
            $lost[] = $gap - $most;
        }
        $this->lost = $lost;
    }
}
