<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Measure\Unit;

/** A kind of box: its inside, and what it takes up in a carton with the lid on. */
final readonly class BoxKind
{
    /** The id of a box that the packer measured. */
    public const OWN = 'own';

    /** Card of 4 mm on either side, and a lid of 10 mm: how a measured box is reckoned from outside. An estimate. */
    private const WALLS_TENTHS = 80;

    private const LID_TENTHS = 100;

    /** How far a lid of unknown make is reckoned to give, in tenths of a millimetre. An estimate. */
    private const OWN_BULGE_TENTHS = 60;

    /**
     * Gift boxes are so long, broad and high at the least and at the most, in tenths of a millimetre: anything else is
     * a slip of the unit.
     */
    public const LEAST_SIDE_TENTHS = 400;

    public const MOST_SIDE_TENTHS = 6_000;

    /** @param bool $isTub whether it is of plastic rather than of card */
    public function __construct(
        public string $id,
        public string $name,
        public string $says,
        public BoxShape $inside,
        public Size $outside,
        public bool $isTub = false,
    ) {}

    /**
     * A kind that is no longer offered: a box of it is still there, and is taken for like another until its kind is
     * chosen anew.
     */
    public static function retired(string $id, self $like): self
    {
        return new self(
            $id,
            'Retired box kind “'.mb_strimwidth($id, 0, 40, '…').'”',
            $like->says,
            $like->inside,
            $like->outside,
        );
    }

    /** The same with a lid that gives otherwise, in tenths of a millimetre. */
    public function giving(int $bulge): self
    {
        return new self(
            $this->id, $this->name, $this->says, $this->inside->giving($bulge), $this->outside, $this->isTub,
        );
    }

    /** Determine if it is no larger outside than a drive takes; null where that takes any. */
    public function isWithin(?Size $limit): bool
    {
        $sides = $this->outside->sides();
        $most = $limit?->sides() ?? $sides;

        return $sides[0] <= $most[0] && $sides[1] <= $most[1] && $sides[2] <= $most[2];
    }

    /** Determine if a side is as long as a gift box's can be. */
    public static function isSide(int $tenths): bool
    {
        return $tenths >= self::LEAST_SIDE_TENTHS && $tenths <= self::MOST_SIDE_TENTHS;
    }

    /** A box that the packer measured, from its inside. */
    public static function measured(Size $inside, int $floorLength, int $floorWidth): self
    {
        $shape = new BoxShape(
            'Your own box',
            $inside->length,
            $inside->width,
            $floorLength,
            $floorWidth,
            $inside->height,
            self::OWN_BULGE_TENTHS,
        );
        $outside = new Size(
            max($inside->length, $floorLength) + self::WALLS_TENTHS,
            max($inside->width, $floorWidth) + self::WALLS_TENTHS,
            $inside->height + self::LID_TENTHS,
        );

        return new self(self::OWN, $shape->name, 'Measured by you.', $shape, $outside);
    }
}
