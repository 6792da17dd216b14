<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Drawing;

/**
 * Looks at the box from the front right and above, all parallels kept; tenths of a millimetre in, drawing units out.
 */
final readonly class Projection
{
    public float $rightX;

    public float $rightY;

    public float $downX;

    public float $downY;

    public float $downZ;

    /** Towards the viewer, seen from above. */
    public float $towardsX;

    public float $towardsY;

    /** @param float $scale drawing units for a tenth of a millimetre */
    public function __construct(float $turnDegrees = 28.0, float $tiltDegrees = 33.0, private float $scale = 0.1)
    {
        $turn = deg2rad($turnDegrees);
        $tilt = deg2rad($tiltDegrees);
        $this->rightX = cos($turn);
        $this->rightY = sin($turn);
        $this->downX = sin($turn) * sin($tilt);
        $this->downY = -cos($turn) * sin($tilt);
        $this->downZ = -cos($tilt);
        $this->towardsX = sin($turn);
        $this->towardsY = -cos($turn);
    }

    /** Determine if it looks straight down, so that nothing upright is seen of anything. */
    public function isFromAbove(): bool
    {
        return $this->downZ > -0.01;
    }

    /** @return array{float, float} right and down */
    public function point(float $x, float $y, float $z): array
    {
        return [
            $this->scale * ($x * $this->rightX + $y * $this->rightY),
            $this->scale * ($x * $this->downX + $y * $this->downY + $z * $this->downZ),
        ];
    }
}
