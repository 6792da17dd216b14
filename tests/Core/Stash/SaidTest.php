<?php

declare(strict_types=1);

namespace Tests\Core\Stash;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Fit\Cavity;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Stash\Category;
use PluckyWren\Core\Stash\Inside;
use PluckyWren\Core\Stash\ItemTrait;
use PluckyWren\Core\Stash\KindCorrections;
use PluckyWren\Core\Stash\KindDraft;
use PluckyWren\Core\Stash\KindReader;
use PluckyWren\Core\Stash\Measures;
use PluckyWren\Core\Stash\Said;
use PluckyWren\Core\Stash\SaidFields;
use PluckyWren\Core\Stash\Thing;
use Tests\Core\Data;

/** What can be said of a thing itself, the room in it, and the kinds that a crew makes itself. */
final class SaidTest extends TestCase
{
    public function test_what_is_said_stands_in_place_of_what_its_kind_usually_is(): void
    {
        $dominoes = Data::catalogue()->get('dominoes');
        $said = (new Said(Form::Rigid, true, null, 1500, 420))->of($dominoes);

        self::assertSame([Form::Rigid, 1.0, null], [
            $said->handling->form, $said->handling->squeeze, $said->handling->minSide,
        ]);
        self::assertNull($said->body->smallest);
        self::assertSame([1500, 420], [$said->body->cordTenths, $said->body->grams]);
        self::assertSame($dominoes, (new Said)->of($dominoes));
        self::assertSame('dominoes', $said->id);
    }

    #[DataProvider('everything')]
    public function test_what_is_kept_is_what_was_said(Said $said): void
    {
        self::assertEquals($said, SaidFields::read(SaidFields::written($said)));
    }

    /** @return iterable<string, array{Said}> */
    public static function everything(): iterable
    {
        yield 'nothing' => [new Said];
        yield 'a round hollow' => [new Said(hollow: Cavity::cylinder(600, 1800, [400]))];
        yield 'a block of a hollow' => [new Said(hollow: Cavity::block(1000, 600, 400, [500, 300]))];
        yield 'the rest' => [new Said(Form::Soft, false, Size::ofMm(12, 8, 5), 300, 40)];
    }

    /**
     * @param  array{float, float, float}  $mm
     * @param  array{int, int, int}  $hollow
     */
    #[DataProvider('holders')]
    public function test_the_room_in_a_thing_follows_its_own_measures(string $kind, array $mm, array $hollow): void
    {
        $known = Data::catalogue()->get($kind);
        $thing = Thing::usual($known)->measured(new Measures(Size::ofMm(...$mm), true));
        $room = $thing->hollow();

        self::assertNotNull($room);
        self::assertSame($hollow, [$room->length, $room->width, $room->height]);
    }

    /** @return iterable<string, array{string, array{float, float, float}, array{int, int, int}}> */
    public static function holders(): iterable
    {
        // Usually 200 by 70 by 70 with a hollow of 64 across and 180 deep.
        yield 'a bottle as usual' => ['water-bottle', [200, 70, 70], [640, 640, 1800]];
        yield 'half as high' => ['water-bottle', [100, 70, 70], [640, 640, 900]];
        yield 'half as wide, measured lying otherwise' => ['water-bottle', [35, 200, 35], [320, 320, 1800]];
        // Usually 170 by 120 by 60 with a hollow of 160 by 110 by 52.
        yield 'a tin half as high' => ['lunch-tin', [170, 120, 30], [1600, 1100, 260]];
    }

    public function test_what_is_said_to_be_in_it_takes_its_room_and_what_was_measured_counts(): void
    {
        $catalogue = Data::catalogue();
        $tin = $catalogue->get('lunch-tin');
        $filled = new Thing(
            $tin,
            'Filled tin',
            new Measures($tin->body->size),
            [],
            null,
            Inside::ofCounts(['pencils' => 3], $catalogue),
        );
        $said = new Said(hollow: Cavity::block(1000, 900, 400));
        $measured = new Thing(
            $said->of($tin), 'Tin', new Measures($tin->body->size), [], null, Inside::nothing(), $said,
        );

        self::assertNull($filled->hollow());
        self::assertNull(Thing::usual($catalogue->get('soap'))->hollow());
        self::assertSame(1000, $measured->hollow()?->length);
    }

    public function test_a_kind_of_ones_own_is_like_another_but_for_what_was_answered(): void
    {
        $catalogue = Data::catalogue();
        $like = $catalogue->lines(['torch'])[0]['kinds'][0];
        $draft = new KindDraft(
            'Fox lamp', Category::Make, ['night fox'], $catalogue->get('torch'), true, Size::ofMm(90, 80, 70),
        );
        $kind = KindReader::kind(Category::Make, $draft->line('own-fox-lamp', $like));

        self::assertSame(['own-fox-lamp', 'Fox lamp'], [$kind->id, $kind->name]);
        self::assertSame([900, 800, 700], $kind->body->size->sides());
        self::assertSame(['torch'], $kind->usage->countsAs);
        self::assertEquals($catalogue->get('torch')->usage->ages, $kind->usage->ages);
        self::assertSame($catalogue->get('torch')->handling->form, $kind->handling->form);
    }

    public function test_a_kind_that_is_like_nothing_is_a_plain_block(): void
    {
        $kind = KindReader::kind(Category::Play, (new KindDraft('Odd thing', Category::Play))->line('own-odd', null));

        self::assertSame([Form::Rigid, []], [$kind->handling->form, $kind->care->traits]);
    }

    public function test_what_is_put_right_of_a_kind_is_so(): void
    {
        $line = Data::catalogue()->lines(['toy-car'])[0]['kinds'][0];
        $right = new KindCorrections(Form::Cloth, [ItemTrait::SmallPart, ItemTrait::Cord], null, null, true);
        $kind = KindReader::kind(Category::Play, $right->in($line));

        self::assertSame([ItemTrait::Cord], $kind->care->traits);
        self::assertNull($kind->body->smallest);
        self::assertNull($kind->usage->ages);
        // 75 by 32 by 28: cloth of that can be folded to 0.7 of 28.
        self::assertSame([Form::Cloth, 196], [$kind->handling->form, $kind->handling->minSide]);
    }
}
