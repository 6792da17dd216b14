<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Words\MoveWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Cavity;
use PluckyWren\Core\Fit\Drawing\Look;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Moves\Fold;
use PluckyWren\Core\Fit\Moves\Move;
use PluckyWren\Core\Fit\Moves\Whereby;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Solve\CornerSolver;
use PluckyWren\Core\Measure\Size;
use Tests\Core\Fit\RandomProblems;
use Tests\Feature\TestCase;

/** The sentences of a packing, read as a packer reads them. */
final class MoveWordsTest extends TestCase
{
    public function test_five_hundred_steps_of_random_boxes_can_be_read_back_into_their_places(): void
    {
        $read = $pairs = $byIt = 0;
        for ($seed = 1; $read < 500; $seed++) {
            $problem = match ($seed % 3) {
                0 => RandomProblems::withBundles($seed),
                1 => RandomProblems::number($seed),
                default => RandomProblems::ofSmallThings($seed),
            };
            $result = (new CornerSolver)->solve($problem, Budget::ofAttempts(3), $seed);
            $nameOf = static fn (string $id): string => explode('#', $id)[0];
            $words = self::words($problem->box, $problem->singles(), $result->placements, $nameOf);
            $blocks = [];
            foreach (Move::of($result->placements) as $move) {
                foreach ($move->holder() === null ? $move->each() : [] as $thing) {
                    $first = $thing->first()->id;
                    $blocks[$first] = [$nameOf($first), $thing->block(), $thing->table()];
                }
            }
            foreach (Move::of($result->placements) as $move) {
                if ($move->holder() !== null) {
                    self::assertStringStartsWith('Fill “'.$nameOf($move->holder()).'” first: ', $words->of($move));

                    continue;
                }
                // One sentence for each thing that goes in at one go; at most two do.
                $sentences = preg_split('/(?<=\.) (?=[A-Z])/', $words->of($move)) ?: [];
                self::assertSameSize($move->each(), $sentences, $words->of($move));
                self::assertLessThanOrEqual(2, count($sentences));
                foreach ($move->each() as $at => $thing) {
                    $this->readBack($sentences[$at], $thing->first()->id, $move->first()->id, $blocks, $problem->box);
                }
                $pairs += count($sentences) - 1;
                $byIt += preg_match('/(?: of|front|behind) it[.,]/', $words->of($move));
                $read++;
            }
        }
        self::assertGreaterThan(80, $pairs);
        self::assertSame($pairs, $byIt, 'each second thing is told by the first');
    }

    /**
     * It is true of the thing of which it is said, and of no other.
     *
     * @param  string  $it  the thing told just before, where it was another
     * @param  array<string, array{string, Part, Part}>  $blocks  names, blocks and what can be lain on, by id
     */
    private function readBack(string $says, string $thing, string $it, array $blocks, BoxShape $box): void
    {
        self::assertLessThanOrEqual(2, count(self::relations($says)), $says);
        foreach (array_keys($blocks) as $other) {
            if ((string) $other !== $thing && self::isSameStack($blocks[$other], $blocks[$thing])) {
                continue;
            }
            self::assertSame(
                (string) $other === $thing,
                self::isSaidOf($says, (string) $other, $it, $blocks, $box),
                "{$thing}, as if of {$other}: {$says}",
            );
        }
    }

    /**
     * Of equal sheets on one another, less than 2 mm apart, nobody could say which is which.
     *
     * @param  array{string, Part, Part}  $one
     * @param  array{string, Part, Part}  $other
     */
    private static function isSameStack(array $one, array $other): bool
    {
        return $one[0] === $other[0] && abs($one[1]->z - $other[1]->z) < 20;
    }

    /** @return list<string> what a sentence says of where it goes */
    private static function relations(string $says): array
    {
        preg_match_all(
            '/on the floor|on “[^”]+”|in the \w+ \w+ corner|against the \w+ wall'
                .'|\d+ cm from the \w+ wall|right at the \w+ wall|\d+ mm above the floor'
                .'|(?:to the (?:left|right) of|in front of|behind) (?:“[^”]+”|it\b)/u',
            $says,
            $found,
        );

        return $found[0];
    }

    /**
     * Written anew from what the words mean, so that it shares no mistake with what chose them. Millimetres.
     *
     * @param  array<string, array{string, Part, Part}>  $blocks  names, blocks and what can be lain on, by id
     */
    private static function isSaidOf(string $says, string $id, string $it, array $blocks, BoxShape $box): bool
    {
        $at = $blocks[$id][1];
        [$wallLeft, $wallFront, $wallRight, $wallBack] = $box->freeBetween($at->z, $at->h);
        $gaps = [
            'left' => ($at->x - $wallLeft) / 10, 'right' => ($wallRight - $at->x - $at->l) / 10,
            'front' => ($at->y - $wallFront) / 10, 'back' => ($wallBack - $at->y - $at->w) / 10,
        ];
        $carries = static fn (Part $o): bool => abs($o->top() - $at->z) <= 20
            && self::overlap($o->x, $o->l, $at->x, $at->l) * self::overlap($o->y, $o->w, $at->y, $at->w)
                >= 0.08 * $at->l * $at->w;
        foreach (self::relations($says) as $relation) {
            $named = preg_match('/“([^”]+)”/u', $relation, $name) === 1 ? $name[1] : '';
            $isByIt = str_ends_with($relation, ' it');
            $others = $tables = [];
            foreach ($blocks as $other => [$called, $block, $table]) {
                if ($block->z < $at->z) {
                    $tables[] = $table;
                }
                if ((string) $other !== $id && ($isByIt ? (string) $other === $it : $called === $named)) {
                    $others[] = str_starts_with($relation, 'on ') ? $table : $block;
                }
            }
            preg_match('/^(?:in|against|right at|\d+ \w\w (?:from|above)) the (\w+)(?: (\w+))?/', $relation, $m);
            [$first, $second, $count] = [$m[1] ?? '', $m[2] ?? '', (int) $relation];
            $holds = match (true) {
                $relation === 'on the floor' => $at->z <= 20 && ! self::one($tables, $carries),
                str_ends_with($relation, ' corner') => max($gaps[$first], $gaps[$second]) <= 15,
                str_starts_with($relation, 'against ') => $gaps[$first] <= 15,
                str_starts_with($relation, 'right at ') => $gaps[$first] <= 5.05,
                str_contains($relation, ' cm from ') => $count > 0 && abs($gaps[$first] - 10 * $count) <= 5.05,
                str_ends_with($relation, ' above the floor') => abs($at->z / 10 - $count) <= 0.51,
                str_starts_with($relation, 'on ') => self::one($others, $carries),
                default => self::one(
                    $others,
                    static fn (Part $o): bool => self::stands(
                        (string) preg_replace('/(?:“.*| it)$/u', '', $relation), $at, $o,
                    ),
                ),
            };
            if (! $holds) {
                return false;
            }
        }

        return true;
    }

    private static function stands(string $side, Part $at, Part $other): bool
    {
        [$gap, $isAcross] = match (trim($side)) {
            'to the left of' => [$other->x - $at->x - $at->l, true],
            'to the right of' => [$at->x - $other->x - $other->l, true],
            'in front of' => [$other->y - $at->y - $at->w, false],
            default => [$at->y - $other->y - $other->w, false],
        };
        $along = $isAcross
            ? self::overlap($other->y, $other->w, $at->y, $at->w) / min($other->w, $at->w)
            : self::overlap($other->x, $other->l, $at->x, $at->l) / min($other->l, $at->l);

        return $gap >= -6 && $gap <= 150 && $along >= 0.5 && self::overlap($other->z, $other->h, $at->z, $at->h) > 0;
    }

    private static function overlap(int $from, int $side, int $otherFrom, int $otherSide): int
    {
        return max(0, min($from + $side, $otherFrom + $otherSide) - max($from, $otherFrom));
    }

    /**
     * @param  list<Part>  $others
     * @param  callable(Part): bool  $holds
     */
    private static function one(array $others, callable $holds): bool
    {
        return array_filter($others, $holds) !== [];
    }

    #[DataProvider('sentences')]
    public function test_it_says_what_a_packer_would_say(
        Look $look,
        Form $form,
        How $how,
        Part $part,
        string $says,
    ): void {
        $items = [
            'thing' => new Item('thing', 'Thing', Size::ofMm(210, 150, 10), $form),
            'tin' => new Item('tin', 'Tin', Size::ofMm(100, 100, 60), Form::Rigid),
        ];
        $placements = [
            new Placement('tin', 1, null, How::Flat, 0.0, [new Part(0, 0, 0, 1000, 1000, 600)]),
            new Placement('thing', 2, null, $how, 0.0, [$part]),
        ];
        $box = BoxShape::straight('Box', 3180, 1960, 1120, 80);
        $words = self::words($box, $items, $placements, ucfirst(...), $look);

        self::assertSame($says, $words->of(Move::of($placements)[1]));
    }

    /** @return iterable<string, array{Look, Form, How, Part, string}> */
    public static function sentences(): iterable
    {
        yield 'a book' => [
            Look::Book, Form::Rigid, How::Flat, new Part(1080, 460, 0, 2100, 1500, 100),
            'Lay “Thing” flat, cover up, on the floor, in the back right corner.',
        ];
        yield 'a bottle' => [
            Look::Bottle, Form::Rigid, How::Flat, new Part(0, 1000, 0, 2100, 700, 700),
            'Lay “Thing” down, neck to the right, on the floor, behind “Tin”.',
        ];
        yield 'folded in half, on the tin' => [
            Look::Cloth, Form::Cloth, How::Refolded, new Part(0, 0, 600, 1500, 1050, 200),
            'Fold “Thing” in half, about as wide as your hand, and lay it on “Tin”, in the front left corner.',
        ];
        yield 'rolled' => [
            Look::Cloth, Form::Cloth, How::Refolded, new Part(1100, 0, 0, 1500, 480, 440),
            'Roll “Thing” up, to about 15 × 5 cm, and lay it on the floor, to the right of “Tin”.',
        ];
        yield 'on its edge' => [
            Look::Block, Form::Rigid, How::OnEdge, new Part(1080, 1860, 0, 2100, 100, 1500),
            'Stand “Thing” on its edge on the floor, in the back right corner.',
        ];
    }

    public function test_what_touches_a_wall_where_another_is_near_it_is_right_at_it(): void
    {
        // The thing 3 mm from the front wall, the tin 12 mm from it, and a second thing behind the first.
        $items = [];
        foreach (['thing', 'tin', 'book'] as $id) {
            $items[$id] = new Item($id, ucfirst($id), Size::ofMm(50, 50, 50), Form::Rigid);
        }
        $placements = [
            new Placement('thing', 1, null, How::Flat, 0.0, [new Part(1000, 30, 0, 500, 500, 500)]),
            new Placement('tin', 2, null, How::Flat, 0.0, [new Part(2000, 120, 0, 500, 500, 500)]),
            new Placement('book', 3, null, How::Flat, 0.0, [new Part(1000, 1200, 0, 500, 500, 500)]),
        ];
        $box = BoxShape::straight('Box', 3180, 1960, 1120, 80);
        $words = self::words($box, $items, $placements, ucfirst(...), Look::Block);

        self::assertSame(
            'Put “Thing” on the floor, right at the front wall.',
            $words->of(Move::of($placements)[0]),
        );
    }

    public function test_of_two_that_go_in_at_one_go_the_second_is_told_by_the_first(): void
    {
        $items = [
            'tin' => new Item('tin', 'Tin', Size::ofMm(100, 100, 60), Form::Rigid),
            'comb' => new Item('comb', 'Comb', Size::ofMm(120, 40, 10), Form::Rigid),
        ];
        $placements = [
            new Placement('tin', 1, null, How::Flat, 0.0, [new Part(0, 0, 0, 1000, 1000, 600)]),
            new Placement('comb', 1, null, How::Flat, 0.0, [new Part(0, 1050, 0, 1200, 400, 100)]),
        ];
        $box = BoxShape::straight('Box', 3180, 1960, 1120, 80);
        $words = self::words($box, $items, $placements, ucfirst(...), Look::Block);

        self::assertSame(
            'Put “Tin” on the floor, in the front left corner. Lay “Comb” behind it.',
            $words->of(Move::of($placements)[0]),
        );
    }

    public function test_a_pouch_with_something_in_it_is_neither_folded_nor_rolled(): void
    {
        $items = [
            'soap' => new Item('soap', 'Soap', Size::ofMm(80, 50, 25), Form::Rigid),
            'pouch' => new Item(
                'pouch', 'Pouch', Size::ofMm(200, 120, 10), Form::Cloth, squeeze: 0.8, cavity: Cavity::pouch(10),
            ),
        ];
        $placements = [
            new Placement('soap', 1, 'pouch', How::Nested, 0.0, [new Part(0, 0, 0, 800, 500, 250)]),
            new Placement('pouch', 2, null, How::Refolded, 0.0, [new Part(0, 0, 0, 1500, 520, 480)]),
        ];
        $box = BoxShape::straight('Box', 3180, 1960, 1120, 80);
        $words = self::words($box, $items, $placements, ucfirst(...), Look::Cloth);

        self::assertSame(
            'Draw “Pouch” close round what is in it, to about 15 × 5 × 5 cm, and lay it on the floor, in the front '
                .'left corner.',
            $words->of(Move::of($placements)[1]),
        );
    }

    public function test_of_several_that_are_folded_alike_each_is_told(): void
    {
        // 180 x 90 mm as they lie folded; each a quarter of that: 90 x 45, and 25 high.
        $socks = new Item('socks', 'Socks', Size::ofMm(180, 90, 10), Form::Cloth, 2, together: true);
        $placements = array_map(
            static fn (int $number): Placement => new Placement(
                "socks#{$number}", 1, null, How::Refolded, 0.0, [new Part(450 * ($number - 1), 0, 0, 450, 900, 250)],
            ),
            [1, 2],
        );
        $words = self::words(
            BoxShape::straight('Box', 3180, 1960, 1120, 80),
            array_column($socks->singles(), null, 'id'),
            $placements,
            static fn (string $id): string => ucfirst(Item::idOf($id)),
            Look::Cloth,
        );

        self::assertSame(
            'Fold 2 × “Socks” in half twice, each to about 9 × 5 cm, and lay them on the floor, in the front left '
                .'corner.',
            $words->of(Move::of($placements)[0]),
        );
    }

    public function test_folds_are_told_from_the_measures(): void
    {
        // 240 x 180 mm as it lies folded.
        $shirt = new Item('shirt', 'Shirt', Size::ofMm(240, 180, 20), Form::Cloth);
        $fold = static fn (int $l, int $w, int $h): Fold => Fold::to(
            new Part(0, 0, 0, 10 * $l, 10 * $w, 10 * $h),
            $shirt,
        );

        self::assertSame(Fold::AsItIs, $fold(240, 170, 20));
        self::assertSame(Fold::Once, $fold(180, 120, 40));
        self::assertSame(Fold::InThree, $fold(180, 90, 40));
        self::assertSame(Fold::Twice, $fold(120, 90, 80));
        self::assertSame(Fold::Small, $fold(80, 75, 70));
        self::assertSame(Fold::Rolled, $fold(180, 70, 68));
    }

    /**
     * @param  array<string, Item>  $items
     * @param  list<Placement>  $placements
     * @param  callable(string): string  $nameOf
     */
    private static function words(
        BoxShape $box,
        array $items,
        array $placements,
        callable $nameOf,
        ?Look $look = null,
    ): MoveWords {
        return new MoveWords(
            $items,
            new Whereby($box, $placements, $nameOf),
            $nameOf(...),
            static fn (string $id): Look => $look ?? Look::ofForm($items[$id]->form),
        );
    }
}
