<?php

declare(strict_types=1);

namespace App\Pages\Send;

use App\Models\Box;
use PluckyWren\Core\Send\Lid\LidTiles;
use PluckyWren\Core\Send\Lid\Pattern;
use PluckyWren\Core\Send\Lid\PatternDrawing;
use PluckyWren\Core\Send\Lid\Shape;
use PluckyWren\Core\Send\Lid\WrapSheet;
use PluckyWren\Core\Send\Paper;

/** What a box's lid may look like inside, and the sheets that box and lid are wrapped with. */
final readonly class LidPage
{
    /** How high the walls of a lid are that nobody measured, in tenths of a millimetre. An estimate. */
    private const LID_WALL = 350;

    /**
     * @param  bool  $isLiner  whether it lies on the bottom of the box
     * @param  int  $width  of the picture, in tenths of a millimetre: the opening of the box, which the lid covers; or
     *     its floor
     * @param  list<Shape>  $shapes
     * @param  array{box: WrapSheet, lid: WrapSheet}  $wraps
     */
    private function __construct(
        public Box $box,
        public Pattern $pattern,
        public Paper $paper,
        public string $saying,
        public bool $isLiner,
        public int $width,
        public int $height,
        public array $shapes,
        public LidTiles $tiles,
        public array $wraps,
    ) {}

    public static function of(
        Box $box,
        Pattern $pattern,
        Paper $paper,
        string $saying,
        bool $isLiner = false,
    ): self {
        $kind = $box->boxKind();
        [$width, $height] = $isLiner
            ? [$kind->inside->floorLength, $kind->inside->floorWidth]
            : [$kind->inside->topLength, $kind->inside->topWidth];

        return new self(
            $box,
            $pattern,
            $paper,
            $saying,
            $isLiner,
            $width,
            $height,
            PatternDrawing::of($pattern, $width, $height, $box->palette),
            LidTiles::of($width, $height, $paper),
            [
                'box' => WrapSheet::of($kind->outside->length, $kind->outside->width, $kind->inside->height),
                'lid' => WrapSheet::of($kind->outside->length, $kind->outside->width, self::LID_WALL),
            ],
        );
    }

    /** A shape's corners, as a drawing has them. */
    public function points(Shape $shape): string
    {
        return implode(' ', array_map(static fn (array $point): string => implode(',', $point), $shape->points));
    }
}
