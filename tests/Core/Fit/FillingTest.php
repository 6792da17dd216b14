<?php

declare(strict_types=1);

namespace Tests\Core\Fit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\Geometry\Standing;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Order;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Solve\BestPlace;
use PluckyWren\Core\Fit\Solve\EmptySpaces;
use PluckyWren\Core\Fit\Solve\Offers;
use PluckyWren\Core\Fit\Solve\PieceFirst;
use PluckyWren\Core\Fit\Solve\Repertoire;
use PluckyWren\Core\Fit\Solve\Room;
use PluckyWren\Core\Fit\Solve\SpaceCare;
use PluckyWren\Core\Fit\Solve\SpaceFirst;
use PluckyWren\Core\Fit\Solve\Weighting;
use PluckyWren\Core\Measure\Size;

/** One filling of a box, piece by piece or space by space; in tenths of a millimetre. */
final class FillingTest extends TestCase
{
    public function test_a_block_is_carried_by_what_it_touches_and_needs_a_third_of_it(): void
    {
        $room = $this->room([self::item('slab', 1000, 1000, 100)]);
        $room->place([[0, [0, 0, 0, 1000, 1000, 100]]], null, [0, 0, 0, 0.0]);

        self::assertSame(1.0, $room->carried([500, 500, 0, 900, 900, 50]), 'the floor carries everything');
        self::assertSame(0.5, $room->carried([500, 0, 100, 1500, 1000, 200]));
        self::assertSame(0.0, $room->carried([0, 0, 101, 1000, 1000, 200]), 'a hair above it hangs in the air');
        self::assertTrue($room->carries([[0, [600, 0, 100, 1600, 1000, 200]]]));
        self::assertFalse($room->carries([[0, [700, 0, 100, 1700, 1000, 200]]]));
        // The second of a pair is carried by the first, whatever lies under that.
        self::assertTrue($room->carries([[0, [0, 0, 100, 900, 900, 200]], [0, [0, 0, 200, 900, 900, 300]]]));
    }

    public function test_a_piece_goes_to_the_corner_of_its_space_that_is_nearest_a_corner_of_the_box(): void
    {
        $room = $this->room([]);

        self::assertSame([0, 0, 0], $room->corner([0, 0, 0, 3000, 1000, 1000], 100, 100, 100));
        self::assertSame([2900, 1900, 0], $room->corner([1000, 1000, 0, 3000, 2000, 1000], 100, 100, 100));
        self::assertSame([0, 1900, 0], $room->corner([0, 0, 0, 3000, 2000, 1000], 100, 100, 100, atTheBack: true));
    }

    public function test_in_a_tub_it_is_drawn_in_from_the_slanting_walls(): void
    {
        // 3000 x 2000 at the rim, 2800 x 1800 at the floor: 100 in on the floor, 50 half-way up.
        $tub = new BoxShape('Tub', 3000, 2000, 2800, 1800, 1000, 0);
        $room = $this->room([], $tub);

        self::assertSame([100, 100, 0, 2900, 1900, 1000], $room->spaces->drawnIn([0, 0, 0, 3000, 2000, 1000]));
        self::assertSame([50, 50, 500, 2950, 1950, 1000], $room->spaces->drawnIn([0, 0, 500, 3000, 2000, 1000]));
        self::assertSame([100, 100, 0], $room->corner([0, 0, 0, 3000, 2000, 1000], 2800, 1800, 200));
        self::assertNull($room->corner([0, 0, 0, 3000, 2000, 1000], 2801, 1800, 200));
    }

    public function test_nothing_goes_under_what_is_pinned(): void
    {
        $tray = self::item('tray', 3000, 1000, 100);
        $pinned = $this->room([]);
        $pinned->keep(new Standing(new Part(0, 0, 400, 3000, 1000, 100), 0.0, $tray, true));
        $loose = $this->room([]);
        $loose->keep(new Standing(new Part(0, 0, 400, 3000, 1000, 100), 0.0, $tray, false));
        $isUnder = static fn (array $space): bool => $space[1] < 1000 && $space[2] < 400;

        self::assertCount(0, array_filter($pinned->spaces->all(), $isUnder));
        self::assertNotCount(0, array_filter($loose->spaces->all(), $isUnder));
    }

    public function test_cloth_goes_on_what_is_gentle_and_nothing_hard_however_much_lies_between(): void
    {
        $kite = new Item('kite', 'Kite', new Size(3000, 1000, 100), Form::Rigid, gentle: true);
        $shirt = new Item('shirt', 'Shirt', new Size(1000, 1000, 100), Form::Cloth);
        $tin = self::item('tin', 500, 500, 100);
        foreach ([true, false] as $wasThere) {
            $room = $this->room([$kite, $shirt, $tin]);
            $wasThere
                ? $room->keep(new Standing(new Part(0, 0, 0, 3000, 1000, 100), 0.0, $kite, false))
                : $room->place([[0, [0, 0, 0, 3000, 1000, 100]]], null, [0, 0, 0, 0.0]);

            self::assertTrue($room->spares($shirt, [0, 0, 100, 1000, 1000, 200]));
            self::assertFalse($room->spares($tin, [0, 0, 100, 500, 500, 200]));
            self::assertFalse($room->spares($tin, [0, 0, 200, 500, 500, 300]), 'with a shirt between');
            self::assertTrue($room->spares($tin, [0, 1000, 100, 500, 1500, 200]), 'beside it');
            self::assertSame(
                [true, false],
                [
                    $room->carries([[1, [0, 0, 100, 1000, 1000, 200]]]),
                    $room->carries([[2, [0, 0, 100, 500, 500, 200]]]),
                ],
            );
        }
    }

    #[DataProvider('orders')]
    public function test_a_book_lies_or_stands_at_the_back_as_its_order_has_it(Order $order, int $height): void
    {
        $book = new Item('book', 'Book', new Size(900, 700, 50), Form::Rigid);
        $room = $this->room([$book]);
        (
            new PieceFirst(
                $room,
                new Repertoire([$book]),
                new BestPlace($room, self::box(), $order, Weighting::number(0)),
            )
        )->run([0]);
        [[$placement]] = $room->packed();

        self::assertSame($height, $placement->parts[0]->h);
        self::assertSame(2000, $placement->parts[0]->y + $placement->parts[0]->w);
    }

    /** @return iterable<string, array{Order, int}> */
    public static function orders(): iterable
    {
        yield 'first: it lies' => [Order::FlatsFirst, 50];
        yield 'along the wall: it stands, no taller than it must' => [Order::FlatsWall, 700];
    }

    public function test_the_lid_is_asked_to_give_only_for_want_of_room(): void
    {
        // Two of 900 x 900 x 1050, one beside the other, reach above the rim of 1000 and lie down instead: 900 high.
        $tall = self::item('tall', 900, 1050, 900, 2);
        $room = $this->room($tall->singles(), null, 1100);
        (
            new PieceFirst(
                $room,
                new Repertoire($tall->singles()),
                new BestPlace($room, self::box(), Order::FlatsFirst, Weighting::number(1)),
            )
        )->run([0, 0]);

        self::assertSame(
            [900, 900],
            array_map(static fn (Placement $placement): int => $placement->parts[0]->top(), $room->packed()[0]),
        );

        // One that is 1050 whichever way it is turned uses what the lid gives.
        $cube = self::item('cube', 1050, 1050, 1050);
        $room = $this->room([$cube], null, 1100);
        (
            new PieceFirst(
                $room,
                new Repertoire([$cube]),
                new BestPlace($room, self::box(), Order::FlatsFirst, Weighting::number(1)),
            )
        )->run([0]);
        self::assertSame(1050, $room->packed()[0][0]->parts[0]->top());
    }

    public function test_it_is_given_up_once_as_much_stays_out_as_is_enough(): void
    {
        // Two poles of 4000 go in nowhere, the blocks before, between and after them do.
        $poles = self::item('pole', 4000, 100, 100, 2)->singles();
        $blocks = self::item('block', 500, 500, 500, 3)->singles();
        $items = [...$poles, ...$blocks];
        $placed = [];
        foreach ([['enough' => 1.0], ['enough' => 2.0], ['enough' => 3.0], []] as $at => $enough) {
            $room = $this->room($items);
            $repertoire = new Repertoire(array_values($items));
            $best = new BestPlace($room, self::box(), Order::FlatsFirst, Weighting::number(0));
            $out = (new PieceFirst($room, $repertoire, $best))->run([1, 0, 1, 0, 1], ...$enough);
            $placed[$at] = [
                $out === null ? null : array_map(static fn (Item $item): string => $item->name, $out),
                count($room->packed()[0]),
            ];
        }
        self::assertSame([[['pole'], 1], [['pole', 'pole'], 2], [null, 3], [null, 3]], $placed);
    }

    public function test_a_shirt_lies_flat_where_it_can_and_stands_where_it_must(): void
    {
        $shirt = new Item('shirt', 'Shirt', new Size(1500, 1000, 100), Form::Cloth, squeeze: 0.8, minSide: 80);
        $open = $this->room([$shirt]);
        (
            new PieceFirst(
                $open,
                new Repertoire([$shirt]),
                new BestPlace($open, self::box(), Order::FlatsFirst, Weighting::number(0)),
            )
        )->run([0]);
        [[$lies]] = $open->packed();
        self::assertSame(How::Refolded, $lies->how);
        self::assertLessThanOrEqual(min($lies->parts[0]->l, $lies->parts[0]->w), $lies->parts[0]->h);

        // Only a slit of 150 is left between a block and the wall: there it stands.
        $slit = $this->room([$shirt, self::item('block', 3000, 1850, 1000)]);
        $slit->place([[1, [0, 0, 0, 3000, 1850, 1000]]], null, [0, 0, 0, 0.0]);
        (
            new PieceFirst(
                $slit,
                new Repertoire([$shirt]),
                new BestPlace($slit, self::box(), Order::FlatsFirst, Weighting::number(0)),
            )
        )->run([0]);
        self::assertSame(2, count($slit->packed()[0]));
    }

    public function test_the_piece_that_fills_a_space_is_chosen_before_one_that_leaves_a_sliver(): void
    {
        // In 1000 x 1000 x 1000 a cube of 1000 leaves nothing; one of 960 leaves slivers of 40, which nothing fills.
        $box = BoxShape::straight('Box', 1000, 1000, 1000, 0);
        $repertoire = new Repertoire([self::item('loose', 960, 960, 960), self::item('exact', 1000, 1000, 1000)]);
        foreach (range(0, 5) as $care) {
            $room = new Room($box, $repertoire, new EmptySpaces($box, 1000), false);
            (new SpaceFirst($room, new Offers($repertoire, SpaceCare::number($care), [], 1)))->run();
            self::assertSame('exact', $room->packed()[0][0]->id, "care {$care}");
        }
    }

    public function test_what_stayed_out_before_is_chosen_sooner(): void
    {
        $box = BoxShape::straight('Box', 1000, 1000, 1000, 0);
        $repertoire = new Repertoire([self::item('one', 1000, 1000, 990), self::item('other', 1000, 1000, 980)]);
        self::assertSame('one', $this->firstPlaced($box, $repertoire, []));
        self::assertSame('other', $this->firstPlaced($box, $repertoire, ['other' => 1.5]));
    }

    /** @param array<string, float> $priorities */
    private function firstPlaced(BoxShape $box, Repertoire $repertoire, array $priorities): string
    {
        $room = new Room($box, $repertoire, new EmptySpaces($box, 1000), false);
        (new SpaceFirst($room, new Offers($repertoire, SpaceCare::number(0), $priorities, 1)))->run();

        return $room->packed()[0][0]->id;
    }

    /** @param list<Item> $items */
    private function room(array $items, ?BoxShape $box = null, int $ceiling = 1000): Room
    {
        $box ??= self::box();

        return new Room($box, new Repertoire($items), new EmptySpaces($box, $ceiling), false);
    }

    private static function box(): BoxShape
    {
        return BoxShape::straight('Box', 3000, 2000, 1000, 100);
    }

    private static function item(string $id, int $length, int $width, int $height, int $quantity = 1): Item
    {
        return new Item($id, $id, new Size($length, $width, $height), Form::Rigid, $quantity);
    }
}
