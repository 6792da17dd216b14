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
        sort($narrow);
        $fills = [0 => true];
        foreach ($narrow as $at => $one) {
            $fills[$one] = true;
            for ($other = $at; $other < count($narrow) && $one + $narrow[$other] <= self::NARROW; $other++) {
                $fills[$one + $narrow[$other]] = true;
            }
        }
        ksort($fills);
        $lost = [];
        $filled = [...array_keys($fills), self::NARROW + 1];
        for ($at = 1; $at < count($filled); $at++) {
            // From one length that is filled to just before the next, ever more is lost.
            array_push($lost, ...range(0, $filled[$at] - $filled[$at - 1] - 1));
        }
        $this->lost = $lost;
    }
}
