<?php

declare(strict_types=1);

namespace App\Pages\Send;

use App\Queries\BoxLog;
use App\Reference\WorldMap;
use App\Words\CountryNames;
use PluckyWren\Core\Send\Map\Mark;
use PluckyWren\Core\Send\Map\Marks;

/** Where boxes were given out: as marks on a map, and the same as lines. */
final readonly class MapPage
{
    /**
     * @param  list<Mark>  $marks  most boxes first
     * @param  list<array{country: string, name: string, boxes: int}>  $lines  most boxes first
     * @param  int  $unknown  boxes of which nobody knows yet
     * @param  array{int, int}  $size  of the drawing
     * @param  array<string, string>  $outlines  of the countries with boxes, by their letters
     */
    private function __construct(
        public array $marks,
        public array $lines,
        public int $unknown,
        public array $size,
        public array $outlines,
    ) {}

    public static function of(BoxLog $asked, WorldMap $world): self
    {
        $boxes = $asked->countries();
        $known = array_diff_key($boxes, ['' => true]);
        $lines = [];
        foreach ($known as $country => $count) {
            $lines[] = ['country' => $country, 'name' => CountryNames::of($country), 'boxes' => $count];
        }
        usort($lines, static fn (array $a, array $b): int => [$b['boxes'], $a['name']] <=> [$a['boxes'], $b['name']]);
        $letters = array_map(strval(...), array_keys($known));

        return new self(
            Marks::of($known, $world->points()),
            $lines,
            $boxes[''] ?? 0,
            $world->size(),
            array_combine($letters, array_map($world->outline(...), $letters)),
        );
    }

    /** “Kenya 3, Uganda 1”: what a mark stands for. */
    public function says(Mark $mark): string
    {
        $each = [];
        foreach ($mark->countries as $country => $boxes) {
            $each[] = CountryNames::of($country)." {$boxes}";
        }

        return implode(', ', $each);
    }
}
