<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit;

/** How the lid closes over a packing. */
final readonly class Closure
{
    /** A lid counts as flat up to this much above the rim. An estimate: card gives about a millimetre. */
    public const FLAT_UP_TO_MM = 1.0;

    /** Two bands hold what is pressed at most by this share of what it could give. An estimate. */
    public const SNUG_PRESS = 0.5;

    /** Two bands hold a dome of at most this share of the lid's own give. An estimate. */
    public const SNUG_DOME = 0.5;

    private function __construct(
        public Verdict $verdict,
        public float $proudMm,
        public float $press,
        public float $domeMm,
    ) {}

    /**
     * @param  float  $proudMm  how far the resting pile stands above the rim
     * @param  float  $press  the largest share given up of what a column could give, 0 to 1
     * @param  float  $domeMm  how far the closed pile stands above the rim
     * @param  float  $bulgeMm  the lid's own give
     */
    public static function measured(float $proudMm, float $press, float $domeMm, float $bulgeMm): self
    {
        $verdict = match (true) {
            $domeMm > $bulgeMm + 0.05 => Verdict::Open,
            $proudMm <= self::FLAT_UP_TO_MM => Verdict::Flat,
            $press <= self::SNUG_PRESS && $domeMm <= $bulgeMm * self::SNUG_DOME => Verdict::Snug,
            default => Verdict::Tight,
        };

        return new self($verdict, round($proudMm, 1), round($press, 3), round($domeMm, 1));
    }

    public static function recorded(Verdict $verdict, float $proudMm, float $press, float $domeMm): self
    {
        return new self($verdict, $proudMm, $press, $domeMm);
    }
}
