<?php

declare(strict_types=1);

namespace Tests\Core\Send\Lid;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Colour\Palette;
use PluckyWren\Core\Send\Lid\LidTiles;
use PluckyWren\Core\Send\Lid\Pattern;
use PluckyWren\Core\Send\Lid\PatternDrawing;
use PluckyWren\Core\Send\Lid\Shape;
use PluckyWren\Core\Send\Lid\Tile;
use PluckyWren\Core\Send\Lid\WrapSheet;
use PluckyWren\Core\Send\Paper;

final class LidTest extends TestCase
{
    #[DataProvider('sizes')]
    public function test_a_picture_goes_over_as_few_sheets_as_it_can(
        int $width,
        int $height,
        int $sheets,
        bool $isUpright,
    ): void {
        $tiles = LidTiles::of($width, $height, Paper::A4);

        self::assertSame([$sheets, $isUpright], [count($tiles->tiles), $tiles->isUpright]);
    }

    /** @return iterable<string, array{int, int, int, bool}> A4 has 190 by 277 mm to print on */
    public static function sizes(): iterable
    {
        yield 'one sheet upright' => [1900, 2770, 1, true];
        yield 'one sheet lying' => [2770, 1900, 1, false];
        // 318 mm are two of 163 and 163 that share 8; 196 stand upright in one of 277.
        yield 'a straight box' => [3180, 1960, 2, true];
        yield 'one tenth too long' => [2771, 1900, 2, true];
        // Upright four by two; lying three by three.
        yield 'a large one' => [6000, 4000, 8, true];
    }

    public function test_sheets_share_a_strip_cover_all_and_fit_on_the_paper(): void
    {
        mt_srand(3);
        for ($round = 0; $round < 200; $round++) {
            [$width, $height] = [mt_rand(400, 6100), mt_rand(400, 6100)];
            $paper = Paper::cases()[$round % 2];
            $tiles = LidTiles::of($width, $height, $paper);
            $room = [$paper->width() - 2 * LidTiles::MARGIN, $paper->height() - 2 * LidTiles::MARGIN];
            [$wide, $high] = $tiles->isUpright ? $room : array_reverse($room);
            $last = $tiles->tiles[count($tiles->tiles) - 1];
            self::assertSame([$width, $height], [$last->x + $last->width, $last->y + $last->height]);
            foreach ($tiles->tiles as $index => $tile) {
                self::assertLessThanOrEqual($wide, $tile->width);
                self::assertLessThanOrEqual($high, $tile->height);
                $left = $index % $tiles->across === 0 ? null : $tiles->tiles[$index - 1];
                $above = $tiles->tiles[$index - $tiles->across] ?? null;
                self::assertSame($left === null ? 0 : $left->x + $left->width - LidTiles::OVERLAP, $tile->x);
                self::assertSame($above === null ? 0 : $above->y + $above->height - LidTiles::OVERLAP, $tile->y);
            }
        }
    }

    public function test_a_straight_box_s_lid_is_two_halves(): void
    {
        self::assertEquals(
            [new Tile(0, 0, 1630, 1960), new Tile(1550, 0, 1630, 1960)],
            LidTiles::of(3180, 1960, Paper::A4)->tiles,
        );
    }

    public function test_every_pattern_lies_over_the_whole_ground_in_the_theme_s_colours(): void
    {
        $palette = Palette::ofHexes(['#1d2f6f', '#f4d35e', '#b9c7e6']);
        foreach (Pattern::cases() as $pattern) {
            $shapes = PatternDrawing::of($pattern, 3180, 1960, $palette);
            // The lightest of the three is the ground.
            self::assertEquals(new Shape('#f4d35e', [[0, 0], [3180, 0], [3180, 1960], [0, 1960]]), $shapes[0]);
            self::assertEqualsCanonicalizing(
                ['#1d2f6f', '#b9c7e6'],
                array_values(
                    array_unique(array_map(static fn (Shape $shape): string => $shape->hex, array_slice($shapes, 1))),
                ),
                $pattern->value,
            );
            self::assertEquals($shapes, PatternDrawing::of($pattern, 3180, 1960, $palette));
        }
        self::assertSame('#f3efe2', PatternDrawing::of(Pattern::Dots, 900, 900, Palette::none())[0]->hex);
        self::assertSame('#ffffff', PatternDrawing::of(Pattern::Dots, 900, 900, Palette::ofHexes(['#1d2f6f']))[0]->hex);
    }

    public function test_a_box_is_wrapped_with_its_floor_four_walls_and_a_strip_to_turn_in(): void
    {
        $sheet = WrapSheet::of(3260, 2040, 1120);

        // 326 + 2 × (112 + 20) and 204 + 2 × (112 + 20) mm.
        self::assertSame([5900, 4680], [$sheet->sheetLength(), $sheet->sheetWidth()]);
        self::assertSame(
            ['along' => [200, 1320, 4580, 5700], 'across' => [200, 1320, 3360, 4480]],
            $sheet->folds(),
        );
        self::assertSame(
            [[0, 1320, 1320, 1320], [4580, 1320, 5900, 1320], [0, 3360, 1320, 3360], [4580, 3360, 5900, 3360]],
            $sheet->cuts(),
        );
    }
}
