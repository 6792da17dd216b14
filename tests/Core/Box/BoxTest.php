<?php

declare(strict_types=1);

namespace Tests\Core\Box;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Box\BoxKind;
use PluckyWren\Core\Box\Carton;
use PluckyWren\Core\Box\FitProblem;
use PluckyWren\Core\Box\Funds;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Box\StartingList;
use PluckyWren\Core\Colour\Colour;
use PluckyWren\Core\Colour\InvalidPalette;
use PluckyWren\Core\Colour\Palette;
use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\LeftOut;
use PluckyWren\Core\Fit\Solve\CornerSolver;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Recipient\Gender;
use PluckyWren\Core\Recipient\Recipient;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Stash\Thing;
use Tests\Core\Data;

final class BoxTest extends TestCase
{
    #[DataProvider('cartons')]
    public function test_a_carton_holds_so_many_boxes_of_a_kind(string $kind, int $boxes): void
    {
        self::assertSame($boxes, (new Carton(Size::ofMm(680, 420, 500)))->holds(Data::boxKinds()->get($kind)->outside));
    }

    /** @return iterable<string, array{string, int}> */
    public static function cartons(): iterable
    {
        yield 'four layers of two by two' => ['straight-card', 16];
        yield 'four layers of three crosswise: 3 x 214 = 642' => ['tapered-tub', 12];
        yield 'three layers of one lengthwise and one crosswise: 353 + 248 = 601' => ['wide-shoebox', 6];
    }

    public function test_a_box_too_large_for_the_carton_does_not_go_in(): void
    {
        self::assertSame(0, (new Carton(Size::ofMm(680, 420, 500)))->holds(Size::ofMm(700, 430, 100)));
    }

    public function test_a_box_measured_by_hand_keeps_its_inside_and_is_reckoned_from_outside(): void
    {
        $own = BoxKind::measured(new Size(3000, 2000, 1143), 2800, 1800);

        self::assertSame(BoxKind::OWN, $own->id);
        self::assertSame(
            [3000, 2000, 1143],
            [$own->inside->topLength, $own->inside->topWidth, $own->inside->height],
        );
        self::assertFalse($own->inside->isStraight());
        self::assertSame([3080, 2080, 1243], [$own->outside->length, $own->outside->width, $own->outside->height]);
    }

    public function test_a_box_kind_that_is_no_longer_there_is_shown_as_retired(): void
    {
        $kind = Data::boxKinds()->get('hat-box');

        self::assertSame(['hat-box', 'Retired box kind “hat-box”'], [$kind->id, $kind->name]);
        self::assertGreaterThan(0, $kind->inside->volume());
    }

    public function test_stages_follow_one_another_and_the_lid_goes_on_when_packed(): void
    {
        self::assertSame([0, 1, 2, 3, 4], array_map(static fn (Stage $stage): int => $stage->place(), Stage::cases()));
        self::assertSame(
            [true, true, true, false, false],
            array_map(static fn (Stage $stage): bool => $stage->isOpen(), Stage::cases()),
        );
    }

    public function test_a_palette_holds_up_to_three_colours(): void
    {
        self::assertSame(['#1d2f6f', '#f4d35e'], Palette::ofHexes(['#1D2F6F', '#f4d35e'])->hexes());

        $this->expectException(InvalidPalette::class);
        $this->expectExceptionMessage('palette.too-many (count: 4)');
        Palette::ofHexes(['#111111', '#222222', '#333333', '#444444']);
    }

    public function test_a_colour_is_written_in_six_figures(): void
    {
        $this->expectException(InvalidPalette::class);
        Palette::ofHexes(['red']);
    }

    public function test_a_colour_goes_by_its_own_name_or_that_of_the_nearest(): void
    {
        $names = Data::colourNames();

        self::assertSame('midnight', $names->nameOf(new Colour('#1d2f6f')));
        self::assertSame('midnight', $names->nameOf(new Colour('#1c2e70')));
        self::assertSame('soot', $names->nameOf(new Colour('#000000')));
        self::assertSame('cream', $names->nameOf(new Colour('#ffffff')));
    }

    public function test_the_starting_list_fills_every_need_with_what_suits_the_child(): void
    {
        $plan = Plans::of(null);
        $list = (new StartingList(Data::catalogue()))->of($plan);

        self::assertSame(5, $list['pencils'][1]);
        self::assertSame(2, $list['socks'][1]);
        // Two things to play are two different ones.
        self::assertSame(
            [1, 1],
            array_values(
                array_map(
                    static fn (array $entry): int => $entry[1],
                    array_filter(
                        $list,
                        static fn (array $entry): bool => in_array(
                            $entry[0]->id,
                            ['skipping-rope', 'puzzle', 'playing-cards', 'dominoes', 'toy-car'],
                            true,
                        ),
                    ),
                ),
            ),
        );
        $filled = $plan->guide->needsFilled($plan->recipient, array_map(
            static fn (array $entry): Held => new Held($entry[0]->id, Thing::usual($entry[0]), $entry[1]),
            array_values($list),
        ));
        self::assertSame([], $filled->missing());
        foreach ($list as [$kind]) {
            self::assertSuits($kind);
        }
    }

    #[DataProvider('children')]
    public function test_the_starting_list_goes_into_the_standard_box_and_its_lid_closes(
        string $band,
        Gender $gender,
    ): void {
        $recipient = new Recipient(AgeBand::parse($band), $gender);
        $empty = new Plan(
            $recipient,
            Data::guide(),
            Data::boxKinds()->get('straight-card'),
            new Funds(Plans::euro(900)),
            [],
        );
        $pieces = array_map(
            static fn (array $entry): PlannedPiece => Plans::piece($entry[0]->id, $entry[1], null),
            array_values((new StartingList(Data::catalogue()))->of($empty)),
        );
        $plan = new Plan($recipient, $empty->guide, $empty->boxKind, $empty->funds, $pieces);
        $result = (new CornerSolver)->solve(FitProblem::of($plan), Budget::ofAttempts(12));

        self::assertTrue(
            $result->packsAll(),
            implode(', ', array_map(static fn (LeftOut $out): string => $out->id, $result->leftOut)),
        );
        self::assertTrue($result->closure?->verdict->closes());
    }

    /** @return iterable<string, array{string, Gender}> */
    public static function children(): iterable
    {
        foreach (['2-3', '4-7', '8-12'] as $band) {
            foreach (Gender::cases() as $gender) {
                yield "{$gender->value} {$band}" => [$band, $gender];
            }
        }
    }

    public function test_the_starting_list_leaves_out_what_is_in_the_box(): void
    {
        $list = (new StartingList(Data::catalogue()))->of(
            Plans::of(null, Plans::piece('pencils', 3, null), Plans::piece('soap', 1, null)),
        );

        self::assertSame(2, $list['pencils'][1]);
        self::assertArrayNotHasKey('soap', $list);
    }

    private static function assertSuits(ItemKind $kind): void
    {
        foreach (Data::guide()->flags as $flag) {
            $isFlagged = $flag->weight->mustBeMended()
                && $flag->holdsFor(Plans::of(null)->recipient->band)
                && $kind->has($flag->trait);
            self::assertFalse($isFlagged, "{$kind->id} would be flagged for {$flag->trait->value}");
        }
    }
}
