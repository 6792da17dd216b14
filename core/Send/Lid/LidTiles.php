<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send\Lid;

use PluckyWren\Core\Send\Paper;

/**
 * A picture at its true size, over as many sheets as it takes. Neighbours share a strip, along which they are glued.
 */
final readonly class LidTiles
{
    /** No printer reaches the edge; tenths of a millimetre. */
    public const MARGIN = 100;

    public const OVERLAP = 80;

    /**
     * @param  bool  $isUpright  whether the sheets stand upright
     * @param  list<Tile>  $tiles  row by row, a sheet each
     */
    private function __construct(
        public Paper $paper,
        public bool $isUpright,
        public int $across,
        public array $tiles,
    ) {}

    /** In the way that takes fewer sheets; upright where both take as many. */
    public static function of(int $width, int $height, Paper $paper): self
    {
        $upright = self::tiles($width, $height, $paper->width(), $paper->height());
        $lying = self::tiles($width, $height, $paper->height(), $paper->width());
        $isUpright = count($upright[1]) <= count($lying[1]);

        return new self($paper, $isUpright, ...($isUpright ? $upright : $lying));
    }

    /** @return array{int, list<Tile>} how many are side by side, and all */
    private static function tiles(int $width, int $height, int $paperWidth, int $paperHeight): array
    {
        $columns = self::parts($width, $paperWidth - 2 * self::MARGIN);
        $tiles = [];
        foreach (self::parts($height, $paperHeight - 2 * self::MARGIN) as [$y, $high]) {
            foreach ($columns as [$x, $wide]) {
                $tiles[] = new Tile($x, $y, $wide, $high);
            }
        }

        return [count($columns), $tiles];
    }

    /** @return list<array{int, int}> where each begins, and how long it is: about equal parts */
    private static function parts(int $length, int $room): array
    {
        $count = max(1, intdiv($length - self::OVERLAP + $room - self::OVERLAP - 1, $room - self::OVERLAP));
        $each = intdiv($length + ($count - 1) * self::OVERLAP + $count - 1, $count);
        $parts = [];
        for ($part = 0; $part < $count; $part++) {
            $from = $part * ($each - self::OVERLAP);
            $parts[] = [$from, min($each, $length - $from)];
        }

        return $parts;
    }
}
