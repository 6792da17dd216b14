<?php

declare(strict_types=1);

namespace Tests\Core\Fit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Drawing\DrawnPrism;
use PluckyWren\Core\Fit\Drawing\Facing;
use PluckyWren\Core\Fit\Drawing\Hull;
use PluckyWren\Core\Fit\Drawing\Look;
use PluckyWren\Core\Fit\Drawing\Patch;
use PluckyWren\Core\Fit\Drawing\Projection;
use PluckyWren\Core\Fit\Drawing\SceneOf;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Measure\Size;
use Tests\Core\Data;

/** Things drawn as what they are. */
final class ShapesTest extends TestCase
{
    #[DataProvider('looks')]
    public function test_whatever_is_drawn_stays_within_its_own_block(Look $look, Projection $from): void
    {
        foreach ([[900, 900, 900], [2000, 700, 650], [600, 1500, 300], [400, 500, 1000], [1760, 70, 70]] as $sides) {
            $part = new Part(200, 300, 50, ...$sides);
            $drawn = self::drawn($look, $part, $from);
            $corners = [];
            foreach ([$part->x, $part->x + $part->l] as $x) {
                foreach ([$part->y, $part->y + $part->w] as $y) {
                    foreach ([$part->z, $part->top()] as $z) {
                        $corners[] = $from->point($x, $y, $z);
                    }
                }
            }
            $outline = Hull::of($corners);
            $points = array_merge(
                ...array_column($drawn->faces, 'points'),
                ...array_map(
                    static fn (Patch $patch): array => $patch->points,
                    [...$drawn->patches, ...$drawn->behind],
                ),
            );
            self::assertNotSame([], $points);
            foreach ($points as $point) {
                self::assertTrue(self::holds($outline, $point), "{$look->value}, ".implode(' x ', $sides));
            }
        }
    }

    /** @return iterable<string, array{Look, Projection}> */
    public static function looks(): iterable
    {
        foreach (Look::cases() as $look) {
            yield "{$look->value} from the front right" => [$look, new Projection];
            yield "{$look->value} from straight above" => [$look, new Projection(0.0, 90.0)];
        }
    }

    public function test_a_ball_is_round_and_a_cup_shows_its_opening(): void
    {
        $ball = self::drawn(Look::Ball, new Part(0, 0, 0, 1000, 1000, 1000), new Projection);
        $middle = (new Projection)->point(500, 500, 500);
        foreach ($ball->faces[0]->points as [$x, $y]) {
            // 100 mm across is drawn 100 units across, whichever way one looks at it.
            self::assertEqualsWithDelta(50.0, hypot($x - $middle[0], $y - $middle[1]), 1.5);
        }
        $cup = self::drawn(Look::Cup, new Part(0, 0, 0, 800, 800, 1000), new Projection);
        self::assertSame('dark', $cup->patches[0]->tone);
    }

    public function test_bottles_and_cups_face_the_way_they_are_drawn(): void
    {
        self::assertSame(Facing::Right, Facing::of(Look::Bottle, new Part(0, 0, 0, 2000, 700, 700)));
        self::assertSame(Facing::Front, Facing::of(Look::Bottle, new Part(0, 0, 0, 700, 2000, 700)));
        self::assertSame(Facing::Up, Facing::of(Look::Cup, new Part(0, 0, 0, 800, 850, 1050)));
        self::assertSame(Facing::Right, Facing::of(Look::Cup, new Part(0, 0, 0, 1050, 850, 800)));
    }

    public function test_what_is_one_bundle_has_a_band_and_one_number(): void
    {
        $items = $placements = [];
        foreach (range(1, 4) as $number) {
            $items["pencil#{$number}"] = new Item("pencil#{$number}", 'Pencil', Size::ofMm(176, 20, 20), Form::Rigid);
            $placements[] = new Placement("pencil#{$number}", 1, null, How::Flat, 0.0, [
                new Part(0, 200 * $number, 0, 1760, 200, 200),
            ]);
        }
        $looks = array_fill_keys(array_keys($items), Look::Pencil);
        $prisms = (new SceneOf)->packing(self::box(), $placements, $items, $looks)->prisms;

        self::assertCount(1, array_filter($prisms, static fn (DrawnPrism $drawn): bool => $drawn->label !== null));
        foreach ($prisms as $drawn) {
            self::assertContains('band', array_column($drawn->patches, 'tone'));
        }
    }

    public function test_most_kinds_have_a_small_drawing_of_their_own(): void
    {
        $glyphs = json_decode((string) file_get_contents(Data::path('glyphs.json')), true, 4, JSON_THROW_ON_ERROR);
        self::assertIsArray($glyphs);
        self::assertContainsOnlyString($glyphs);
        $used = [];
        $without = 0;
        foreach (Data::catalogue()->ids() as $id) {
            $glyph = Data::catalogue()->get($id)->body->glyph;
            $glyph === null ? $without++ : $used[$glyph] = true;
        }
        self::assertGreaterThanOrEqual(60, count($used));
        self::assertSame([], array_diff_key($used, $glyphs), 'a drawing that is not there');
        $own = array_filter(array_keys($glyphs), static fn (string $name): bool => ! str_starts_with($name, 'lane-'));
        self::assertSame([], array_diff($own, array_keys($used)), 'a drawing that nothing has');
        self::assertLessThan(40, $without);
        self::assertCount(count($glyphs), array_flip($glyphs), 'two of the same');
    }

    private static function drawn(Look $look, Part $part, Projection $from): DrawnPrism
    {
        $item = new Item('thing', 'Thing', new Size($part->l, $part->w, $part->h), Form::Rigid);
        $placement = new Placement('thing', 1, null, How::Flat, 0.0, [$part]);

        $scene = (new SceneOf($from))->packing(self::box(), [$placement], ['thing' => $item], ['thing' => $look]);

        return $scene->prisms[0];
    }

    private static function box(): BoxShape
    {
        return BoxShape::straight('Box', 3180, 1960, 1120, 80);
    }

    /**
     * @param  list<array{float, float}>  $outline  anticlockwise
     * @param  array{float, float}  $point
     */
    private static function holds(array $outline, array $point): bool
    {
        foreach ($outline as $i => [$x, $y]) {
            [$toX, $toY] = $outline[($i + 1) % count($outline)];
            $off = ($toX - $x) * ($point[1] - $y) - ($toY - $y) * ($point[0] - $x);
            // A tip, a dot or an ear may be half a millimetre over its edge.
            if ($off < -1.0 * max(1.0, hypot($toX - $x, $toY - $y))) {
                return false;
            }
        }

        return true;
    }
}
