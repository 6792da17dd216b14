<?php

declare(strict_types=1);

namespace Tests\Core\Fit;

use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Solve\EmptySpaces;
use PluckyWren\Core\Fit\Solve\Repertoire;
use PluckyWren\Core\Fit\Solve\Room;
use PluckyWren\Core\Fit\Solve\UnderTheLid;
use PluckyWren\Core\Measure\Size;

/** A box of 300 x 200 x 100 mm, and a lead gift of 150 x 80 x 30. */
final class UnderTheLidTest extends TestCase
{
    public function test_the_lead_gift_takes_a_corner_under_the_lid(): void
    {
        // Along the box in each corner, then across it: at the back on the left first.
        $corners = [
            [0, 1200, 1500, 2000], [1500, 1200, 3000, 2000], [0, 0, 1500, 800], [1500, 0, 3000, 800],
            [0, 500, 800, 2000],
        ];
        foreach ($corners as $number => [$x1, $y1, $x2, $y2]) {
            $part = $this->taken(1000, $number)[0]->parts[0];

            self::assertSame(
                [$x1, $y1, 700, $x2, $y2, 1000],
                [$part->x, $part->y, $part->z, $part->x + $part->l, $part->y + $part->w, $part->top()],
            );
        }
        self::assertSame([], $this->taken(299, 0), 'thicker than there is room');
    }

    public function test_it_is_let_down_onto_what_carries_it(): void
    {
        $lead = new Placement('lead', 1, null, How::Flat, 0.0, [new Part(0, 1200, 700, 1500, 800, 300)]);
        $tin = static fn (int $x): Placement => new Placement(
            'tin', 1, null, How::Flat, 0.0, [new Part($x, 1000, 0, 1000, 1000, 400)],
        );
        $lies = fn (Placement ...$placements): array => array_map(
            static fn (Placement $one): array => [$one->id, $one->parts[0]->z],
            $this->underTheLid()->letDown(array_values($placements), $this->items()),
        );

        self::assertSame([['lead', 0]], $lies($lead));
        // Two thirds of it lie on the tin; then a fifteenth, and it would tip.
        self::assertSame([['tin', 0], ['lead', 400]], $lies($lead, $tin(0)));
        self::assertSame([['tin', 0]], $lies($lead, $tin(1400)));
    }

    public function test_where_nothing_is_to_be_seen_first_nothing_is_kept(): void
    {
        self::assertFalse((new UnderTheLid(self::box(), new Repertoire([$this->items()['tin']])))->isNeeded());
    }

    /** @return list<Placement> */
    private function taken(int $ceiling, int $number): array
    {
        $repertoire = new Repertoire(array_values($this->items()));
        $room = new Room(self::box(), $repertoire, new EmptySpaces(self::box(), 1080), false);
        (new UnderTheLid(self::box(), $repertoire))->take($room, $ceiling, $number);

        return $room->packed()[0];
    }

    private function underTheLid(): UnderTheLid
    {
        return new UnderTheLid(self::box(), new Repertoire(array_values($this->items())));
    }

    private static function box(): BoxShape
    {
        return BoxShape::straight('Box', 3000, 2000, 1000, 80);
    }

    /** @return array<string, Item> */
    private function items(): array
    {
        return [
            'lead' => new Item('lead', 'Train', Size::ofMm(150, 80, 30), Form::Rigid, firstSight: true),
            'tin' => new Item('tin', 'Tin', Size::ofMm(100, 100, 40), Form::Rigid),
        ];
    }
}
