<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Models\Box;
use App\Models\BoxChange;
use App\Models\KeptAnswers;
use App\Models\Lot;
use App\Models\Piece;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PluckyWren\Core\Box\Packing\PackingWish;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\PriceState;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\TestCase;

final class PickingTest extends TestCase
{
    private const HTMX = ['HX-Request' => 'true'];

    private const THING = [
        'kind' => 'soap',
        'name' => 'Soap, lavender',
        'price' => '1,25',
        'pieces' => '3',
        'quantity' => '1',
        'source' => 'clearance',
        'place' => 'Quay Street Bargains',
        'got_on' => '2026-11-01',
        'length' => '92',
        'width' => '6 cm',
        'height' => '30',
    ];

    private Box $box;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
        $this->box = $this->box();
    }

    public function test_picking_a_piece_answers_with_the_sheet_and_its_four_gauges(): void
    {
        $soap = $this->lot();
        $sheet = $this->pick(['lot' => $soap->id, 'quantity' => 1])->assertOk();

        // One of six bars for 2.76 and the sending gift of 9.00, of a budget of 25.00.
        $sheet->assertSee('1 of 17')
            ->assertSee('9.46')
            ->assertSee('15.54 left')
            ->assertSee('Closes flat')
            ->assertSee('2 tips');
        self::assertSaid('“Soap, pine” is in the box.', $sheet);
        $sheet->assertDontSee('<html', false)->assertHeader('Vary', 'HX-Request, HX-Target');
        self::assertSame(5, $soap->refresh()->stock()->onHand());
    }

    public function test_without_scripts_the_same_form_leads_back_to_the_page(): void
    {
        $soap = $this->lot();
        $this->post("/boxes/{$this->box->id}/pieces", [
            'lot' => $soap->id,
            'quantity' => 2,
            'pick' => '1',
            'q' => 'pine',
        ])
            ->assertStatus(303)->assertRedirect("/boxes/{$this->box->id}?pick=1&from=stash&q=pine");
        $this->get("/boxes/{$this->box->id}")->assertSee('<html', false)->assertSee('“Soap, pine” is in the box.');
    }

    public function test_what_was_said_of_a_thing_to_buy_holds_for_the_one_that_is_bought(): void
    {
        $case = $this->listed('pencil-case', ['packing' => new PackingWish(stays: true)]);
        $pencils = $this->listed('pencils', ['quantity' => 6, 'into_id' => $case->id, 'counts_as' => 'colours']);
        $this->pick(['lot' => $this->lot('pencils', ['pieces' => 6])->id, 'quantity' => 6])->assertOk();
        $bought = $this->box->pieces()->where('lot_id', '!=', null)->firstOrFail();
        self::assertSame(['colours', $case->id], [$bought->counts_as, $bought->into_id]);
        self::assertNull(Piece::query()->find($pencils->id));

        // Then the case itself: what rides in it does so still.
        $this->pick(['lot' => $this->lot('pencil-case', ['pieces' => 1])->id, 'quantity' => 1])->assertOk();
        $itself = Piece::query()->findOrFail((string) $bought->refresh()->into_id);
        self::assertNotSame($case->id, $itself->id);
        self::assertTrue($itself->packing->stays);

        // Undone, they ride in the one on the list.
        $this->post('/box-changes/'.BoxChange::query()->get()->sortByDesc('id')->firstOrFail()->id.'/undo');
        self::assertSame($case->id, $bought->refresh()->into_id);
    }

    public function test_why_something_was_kept_holds_for_the_one_that_is_bought(): void
    {
        $clippers = $this->listed('nail-clippers');
        $this->box->update(['answers' => KeptAnswers::of($this->box->load(Box::CONTENTS))->with(
            ["some-rule|{$clippers->id}"], ['because' => 'the drive said yes', 'by' => 'Nele', 'at' => '2026-11-01'],
        )]);
        $this->pick(['lot' => $this->lot('nail-clippers', ['pieces' => 1])->id, 'quantity' => 1])->assertOk();
        $now = $this->box->pieces()->firstOrFail();
        self::assertNotNull($now->lot_id);

        self::assertSame(
            [["some-rule|{$now->id}", 'the drive said yes']],
            array_map(
                static fn (array $kept): array => [$kept['key'], $kept['because']],
                KeptAnswers::of($this->box->refresh()->load(Box::CONTENTS))->here(),
            ),
        );
    }

    public function test_what_fills_the_same_need_takes_the_place_of_what_was_to_be_bought_for_it(): void
    {
        $this->listed('soap-small');
        $sheet = $this->pick(['lot' => $this->lot()->id, 'quantity' => 1])->assertOk();

        self::assertSaid('“Soap, pine” is in the box; off the list to buy: Small bar of soap.', $sheet);
        self::assertSame([null], $this->box->pieces()->pluck('kind')->all());
        // Several may come off at once, each said by its name: two things to play with are asked, and two are listed.
        $this->box->pieces()->delete();
        $this->listed('yo-yo');
        $this->listed('dice');
        $sheet = $this->pick(['lot' => $this->lot('toy-car')->id, 'quantity' => 2])->assertOk();
        self::assertSaid('“Toy car” is in the box; off the list to buy: Yo-yo and Dice.', $sheet);

        // Another one that is wanted on purpose stays.
        $this->pick(['lot' => $this->lot()->id, 'quantity' => 1])->assertOk();
        $this->listed('soap-small');
        $this->pick(['lot' => $this->lot()->id, 'quantity' => 1])->assertOk();
        self::assertSame(1, $this->box->pieces()->where('kind', 'soap-small')->count());
    }

    public function test_picking_the_same_lot_again_adds_to_it(): void
    {
        $soap = $this->lot();
        $this->pick(['lot' => $soap->id, 'quantity' => 1]);
        $this->pick(['lot' => $soap->id, 'quantity' => 2]);

        self::assertSame([3], $this->box->pieces()->pluck('quantity')->all());
    }

    public function test_more_than_are_left_cannot_be_picked_and_nothing_changes(): void
    {
        $soap = $this->lot();
        $this->pick(['lot' => $soap->id, 'quantity' => 4]);
        $other = $this->box();

        $this->post("/boxes/{$other->id}/pieces", ['lot' => $soap->id, 'quantity' => 3, 'pick' => '1'], self::HTMX)
            ->assertUnprocessable()
            ->assertSee('Only 2 of “Soap, pine” are left; 3 were asked for.');
        self::assertSame(0, $other->pieces()->count());

        $this->post("/boxes/{$other->id}/pieces", ['lot' => $soap->id, 'quantity' => 2], self::HTMX)->assertOk();
        $this->pick(['lot' => $soap->id, 'quantity' => 1, 'pick' => '1'])
            ->assertUnprocessable()
            ->assertSee('The last of “Soap, pine” is set aside for another box already.');
    }

    #[DataProvider('numbers')]
    public function test_a_number_that_is_none_is_refused_with_the_limit(mixed $quantity): void
    {
        $soap = $this->lot();
        $piece = $this->setAside($soap, 2);

        $this->pick(['lot' => $soap->id, 'quantity' => $quantity, 'pick' => '1'])
            ->assertUnprocessable()
            ->assertSee('A whole number from 1 to 100, please.');
        $this->patch("/pieces/{$piece->id}", ['quantity' => $quantity], self::HTMX)
            ->assertUnprocessable()
            ->assertSee('A whole number from 1 to 100, please.')
            ->assertSee('id="piece-'.$piece->id.'-wrong"', false);
        self::assertSame(2, $piece->refresh()->quantity);
    }

    /** @return iterable<string, array{mixed}> */
    public static function numbers(): iterable
    {
        yield 'none' => [0];
        yield 'below none' => [-3];
        yield 'half of one' => ['1.5'];
        yield 'a word' => ['two'];
        yield 'nothing' => [''];
        yield 'more than a box holds' => [101];
        yield 'a list' => [['1']];
    }

    public function test_a_quantity_is_changed_within_what_there_is(): void
    {
        $soap = $this->lot();
        $piece = $this->setAside($soap, 2);

        $this->patch("/pieces/{$piece->id}", ['quantity' => 6], self::HTMX)->assertOk()->assertSee('11.76');
        self::assertSame(0, $soap->refresh()->stock()->onHand());
        $this->patch("/pieces/{$piece->id}", ['quantity' => 7], self::HTMX)
            ->assertUnprocessable()
            ->assertSee('value="7"', false);
        $this->patch("/pieces/{$piece->id}", ['quantity' => 1], self::HTMX)->assertOk();
        self::assertSame(5, $soap->refresh()->stock()->onHand());
    }

    public function test_a_piece_taken_out_goes_back_to_the_stash(): void
    {
        $soap = $this->lot();
        $piece = $this->setAside($soap, 2);

        self::assertSaid(
            '“Soap, pine” is out of the box.',
            $this->delete("/pieces/{$piece->id}", [], self::HTMX)->assertOk(),
        );
        self::assertSame(6, $soap->refresh()->stock()->onHand());
        $this->delete("/pieces/{$piece->id}", [], self::HTMX)->assertNotFound();
    }

    public function test_nothing_is_changed_in_a_box_whose_lid_is_on(): void
    {
        $soap = $this->lot();
        $piece = $this->setAside($soap, 2);
        $this->box->update(['stage' => Stage::Packed]);

        foreach ([
            fn (): TestResponse => $this->pick(['lot' => $soap->id, 'quantity' => 1]),
            fn (): TestResponse => $this->patch("/pieces/{$piece->id}", ['quantity' => 1], self::HTMX),
            fn (): TestResponse => $this->delete("/pieces/{$piece->id}", [], self::HTMX),
            fn (): TestResponse => $this->post("/boxes/{$this->box->id}/things", self::THING, self::HTMX),
            fn (): TestResponse => $this->post("/boxes/{$this->box->id}/from-guide", [], self::HTMX),
        ] as $try) {
            $try()->assertUnprocessable();
        }
        self::assertSame([2], $this->box->pieces()->pluck('quantity')->all());
        $this->get("/boxes/{$this->box->id}?pick=1")->assertDontSee('id="picker"', false);
    }

    public function test_what_is_on_the_list_to_buy_comes_off_it_when_it_is_picked(): void
    {
        $this->post("/boxes/{$this->box->id}/from-guide", [], self::HTMX)->assertOk();
        self::assertSame(5, $this->listedPencils());
        $pencils = $this->lot('pencils', ['pieces' => 72]);

        $this->pick(['lot' => $pencils->id, 'quantity' => 3]);
        self::assertSame(2, $this->listedPencils());
        $this->pick(['lot' => $pencils->id, 'quantity' => 3]);
        self::assertNull($this->listedPencils());
    }

    public function test_the_money_gauge_says_what_the_box_may_cost_once_all_is_bought(): void
    {
        Piece::factory()->createOne([
            'box_id' => $this->box->id, 'lot_id' => null, 'kind' => 'comb', 'quantity' => 2,
        ]);
        // One price tells nothing of a comb's yet.
        $this->get("/boxes/{$this->box->id}")->assertDontSee('With that about');

        $asked = function (array $prices): void {
            $this->crew->update(['asked_prices' => $prices]);
            // Every request finds the member anew, and the crew by the member.
            $this->packer->refresh();
        };
        $asked(['soap' => 100, 't-shirt' => 400, 'plush-small' => 300]);
        $this->get("/boxes/{$this->box->id}")->assertSeeText('1 still to buy. With that about 9.');

        $this->lot('comb', ['pieces' => 4, 'paid' => Money::parse('3.00', $this->crew->currency)]);
        Piece::factory()->createOne([
            'box_id' => $this->box->id, 'lot_id' => null, 'kind' => 'torch', 'quantity' => 1,
        ]);
        $asked([]);
        // 9.00 for sending, and two combs at 0.75 as paid last.
        $this->get("/boxes/{$this->box->id}")->assertSeeText(
            '2 still to buy. With that about 10.50 in all. For 1 of these nobody knows a price.',
        );
        $this->box->update(['budget' => Money::parse('10.00', $this->crew->currency)]);
        $this->get("/boxes/{$this->box->id}")->assertSeeText('about 10.50 in all. That is over the budget.');
        // Where it is over already, that is said once.
        $this->box->update(['budget' => Money::parse('8.00', $this->crew->currency)]);
        $this->get("/boxes/{$this->box->id}")->assertSeeText('1.00 over the budget')
            ->assertDontSeeText('That is over the budget.');
    }

    public function test_a_kind_that_does_not_exist_cannot_be_listed(): void
    {
        $this->pick(['buy' => 'unicorn', 'quantity' => 1])->assertNotFound();
    }

    public function test_a_new_thing_goes_into_the_stash_and_the_box_at_once(): void
    {
        $added = $this->thing([])->assertOk();
        self::assertSaid('“Soap, lavender” is in your stash and in the box.', $added);
        $added->assertSee('clearance, Quay Street Bargains');
        // Enter pressed once more puts nothing in twice: what comes next is asked for by its kind.
        $added->assertSee('id="f-kind"', false)->assertDontSee('id="add-thing"', false);
        $lot = Lot::query()->firstOrFail();

        self::assertSame([125, 3, PriceState::Paid], [$lot->paid?->minor, $lot->pieces, $lot->price_state]);
        self::assertSame([920, 600, 300], [$lot->size->length, $lot->size->width, $lot->size->height]);
        self::assertSame(2, $lot->stock()->onHand());
        self::assertSame('0.417', $lot->price()->each?->format());
        // 1.25 by 3 is 41.67 cents: 9.42 with the sending gift.
        $this->get("/boxes/{$this->box->id}")->assertSee('9.42');
    }

    public function test_a_new_thing_is_undone_from_what_is_said_of_it_out_of_box_and_stash(): void
    {
        $said = json_decode(rawurldecode((string) $this->thing([])->headers->get('Wren-Said')), true);
        self::assertIsArray($said);
        self::assertSame([1, 1], [Lot::query()->count(), Piece::query()->count()]);

        $this->post((string) $said['undo'])->assertRedirect();

        self::assertSame([0, 0], [Lot::query()->count(), Piece::query()->count()]);
    }

    /** @param array<string, mixed> $typed */
    #[DataProvider('mistakes')]
    public function test_a_mistake_in_a_new_thing_is_said_beside_its_field_and_nothing_is_kept(
        array $typed,
        string $says,
    ): void {
        $this->thing($typed)->assertUnprocessable()->assertSee($says)->assertSee('aria-invalid="true"', false);

        self::assertSame([0, 0], [Lot::query()->count(), Piece::query()->count()]);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function mistakes(): iterable
    {
        yield 'a price below zero' => [['price' => '-3'], 'An amount cannot be below zero.'];
        yield 'a price in words' => [['price' => 'cheap'], '“cheap” is not an amount'];
        yield 'a price that is a list' => [['price' => ['1']], 'Please write this as text.'];
        yield 'free and paid at once' => [['price' => '1.25', 'is_free' => '1'], 'It cannot be free and cost 1.25.'];
        yield 'no name' => [['name' => ''], 'What is it called?'];
        yield 'ten thousand characters' => [['name' => str_repeat('x', 10_000)], 'A name has at most 80 characters.'];
        yield 'a pack of none' => [['pieces' => '0'], 'A whole number from 1 to 10,000'];
        yield 'more into the box than came' => [['quantity' => '4'], 'Only 3 came in this pack.'];
        yield 'a day to come' => [['got_on' => '2026-11-19'], 'A day from 2000 up to today'];
        yield 'a day that is none' => [['got_on' => '2026-02-30'], 'A day from 2000 up to today'];
        yield 'a width of nothing' => [['width' => '0 in'], 'A length must be more than zero.'];
        yield 'a width in words' => [['width' => 'thumb'], '“thumb” is not a length'];
    }

    public function test_free_is_not_unknown(): void
    {
        $this->thing(['price' => '0', 'is_free' => '1', 'name' => 'Reward soap', 'source' => 'reward']);
        $this->thing(['price' => '0', 'name' => 'Raffle soap', 'source' => 'shop']);
        $this->thing(['price' => '', 'name' => 'Old soap', 'source' => 'shop']);
        $this->thing(['price' => '', 'name' => 'Gift soap', 'source' => 'given', 'place' => 'Ines']);
        $states = Lot::query()->pluck('price_state', 'name');

        $this->thing(['price' => '0', 'name' => 'Cupboard soap', 'source' => 'own-house']);
        self::assertSame(PriceState::Free, Lot::query()->where('name', 'Cupboard soap')->firstOrFail()->price_state);
        self::assertSame([PriceState::Free, PriceState::Free], [$states['Reward soap'], $states['Raffle soap']]);
        self::assertSame(PriceState::Unknown, $states['Old soap']);
        self::assertSame(PriceState::Free, $states['Gift soap']);
        $this->get("/boxes/{$this->box->id}")->assertSee('1 without a price: Old soap')->assertSee('given by Ines');
    }

    public function test_the_measures_of_a_kind_are_filled_in_and_what_was_typed_stays(): void
    {
        $this->get("/boxes/{$this->box->id}?pick=1&from=new", self::HTMX)
            ->assertSee('The kind brings its usual measures')
            ->assertDontSee('id="f-length"', false);
        $this->get("/boxes/{$this->box->id}?pick=1&from=new&kind=t-shirt&name=T-shirt%2C+gulls&price=2.40", self::HTMX)
            ->assertSee('value="220"', false)->assertSee('value="170"', false)->assertSee('value="18"', false)
            ->assertSee('value="T-shirt, gulls"', false)
            ->assertSee('value="2.40"', false)
            ->assertSee('Size on the label');
        $this->get("/boxes/{$this->box->id}?pick=1&from=new&kind=soap", self::HTMX)->assertDontSee('Size on the label');
    }

    public function test_what_was_on_the_list_to_buy_is_asked_for_in_its_number(): void
    {
        $this->pick(['buy' => 'pencils', 'quantity' => 7]);

        $this->get("/boxes/{$this->box->id}?pick=1&from=new&kind=pencils", self::HTMX)
            ->assertSee('id="f-quantity" name="quantity" value="7"', false)->assertSee(
                'id="f-pieces" name="pieces" value="7"',
                false,
            );
    }

    public function test_a_size_label_is_kept_for_what_is_worn_and_measures_of_ones_own_count_as_measured(): void
    {
        $this->thing([
            'kind' => 't-shirt',
            'name' => 'T-shirt',
            'size_label' => '7–8',
            'length' => '22 cm',
            'width' => '170',
            'height' => '18',
        ]);
        $this->thing(['size_label' => '7–8', 'height' => '31']);
        [$shirt, $soap] = Lot::query()->orderBy('id')->get()->all();

        self::assertSame(['7–8', false], [$shirt->size_label, $shirt->is_measured]);
        self::assertSame([null, true], [$soap->size_label, $soap->is_measured]);
    }

    public function test_flags_are_raised_by_trait_with_what_to_do_instead(): void
    {
        $this->thing([
            'kind' => 'star-viewer',
            'name' => 'Star viewer',
            'traits' => ['glass'],
            'length' => '150',
            'width' => '50',
            'height' => '50',
        ])
            ->assertSee('1 problem to fix')
            ->assertSee('Will be taken out.')
            ->assertSee('Glass breaks on the way.')
            ->assertSee('Look for one with plastic lenses');
        $this->thing(['traits' => ['not-a-trait']])->assertUnprocessable();
    }

    public function test_the_picker_offers_first_what_fills_a_need_and_says_what_it_would_do(): void
    {
        $this->lot('soap', ['name' => 'Zesty soap']);
        $this->lot('stickers', ['name' => 'A sheet of stickers']);
        $page = $this->get("/boxes/{$this->box->id}?pick=1")->assertSeeInOrder([
            'Zesty soap',
            'fills “soap”',
            '0.46 each',
            '6 on hand',
            'must-haves 1 of 17',
            '+ 0.46, then 9.46',
            'A sheet of stickers',
        ]);

        $page->assertSee('Pick from stash (6)');
        $this->get("/boxes/{$this->box->id}?pick=1&lane=play")
            ->assertSee('A sheet of stickers')
            ->assertDontSee('offer-'.Lot::query()->where('name', 'Zesty soap')->firstOrFail()->id);
        $this->get("/boxes/{$this->box->id}?pick=1&q=zest")
            ->assertSee('Zesty soap')
            ->assertDontSee('A sheet of stickers');
        $this->get("/boxes/{$this->box->id}?pick=1&q=%25")->assertSee('Nothing in the stash matches that.');
        $this->get("/boxes/{$this->box->id}?pick=1&need=soap")
            ->assertSee('Only what fills this need.')
            ->assertDontSee('A sheet of stickers');
    }

    public function test_twelve_are_offered_first_and_more_when_asked_for(): void
    {
        foreach (range(1, 40) as $number) {
            $this->lot('soap', ['name' => sprintf('Soap %02d', $number)]);
        }
        $address = "/boxes/{$this->box->id}?pick=1";

        $this->get($address)->assertSee('Soap 12')->assertDontSee('Soap 13')->assertSee('28 more fit that.');
        $this->get("{$address}&many=36")
            ->assertSee('Soap 36')
            ->assertDontSee('Soap 37')
            ->assertSee('many=60', false)
            ->assertSee('4 more fit that.');
        $this->get("{$address}&many=60")->assertSee('Soap 40')->assertDontSee('more-offers');
        $this->get("{$address}&many=999999999")->assertSee('Soap 40');
        $this->get("{$address}&many=x")->assertDontSee('Soap 13');
    }

    public function test_clothes_for_another_child_are_offered_last(): void
    {
        $this->lot('t-shirt', ['name' => 'A shirt to grow into', 'size_label' => '158', 'tags' => $this->box->theme]);
        $this->lot('t-shirt', ['name' => 'A shirt for a baby', 'size_label' => '62', 'tags' => $this->box->theme]);
        $this->lot('t-shirt', ['name' => 'Shirt that fits', 'size_label' => '116']);
        $this->lot('t-shirt', ['name' => 'Shirt without a label', 'size_label' => null]);
        $offered = [
            'Shirt that fits', 'Shirt without a label', 'A shirt for a baby', 'A shirt to grow into',
        ];

        $this->get("/boxes/{$this->box->id}?pick=1")->assertSeeInOrder($offered);
        $this->get("/boxes/{$this->box->id}?pick=1&q=shirt")
            ->assertSeeInOrder([...$offered, 'large for 4–7'])
            ->assertSeeInOrder(['A shirt for a baby', 'small for 4–7', 'A shirt to grow into']);
    }

    public function test_a_size_that_the_crew_taught_is_gone_by(): void
    {
        $this->lot('t-shirt', ['name' => 'A gull shirt', 'size_label' => 'Gull 4', 'tags' => $this->box->theme]);
        $here = fn (): TestResponse => $this->get("/boxes/{$this->box->id}?pick=1");
        $here()->assertDontSee('large for 4–7')->assertSee('Pick from stash (6)');
        $this->post('/gather/labels', ['label' => 'Gull 4', 'fits' => '158', 'shoes' => '0'])->assertRedirect();

        $here()->assertSee('large for 4–7')->assertDontSee('Pick from stash');
    }

    public function test_as_it_is_opened_and_looked_through_only_the_picker_is_brought(): void
    {
        $this->lot('soap', ['name' => 'Zesty soap']);
        $this->lot('stickers', ['name' => 'A sheet of stickers']);
        $this->setAside($this->lot('comb'), 1);
        $picker = static function (TestResponse $page): string {
            preg_match('~<section id="picker".*?</section>~s', (string) $page->getContent(), $found);

            return (string) preg_replace('~name="once" value="\w+"~', '', $found[0] ?? '');
        };
        $address = "/boxes/{$this->box->id}?pick=1&from=stash&q=zest";
        $alone = $this->get($address, [...self::HTMX, 'HX-Target' => 'div#beside'])->assertOk();

        self::assertSame(0, DB::table('fit_results')->count(), 'how it packs is not tried for it');
        self::assertStringStartsWith('<div id="beside" class="contents">', trim((string) $alone->getContent()));
        $alone->assertSee('Zesty soap')->assertDontSee('A sheet of stickers')->assertDontSee('id="sheet"', false);
        self::assertSame($picker($this->get($address)), $picker($alone), 'and it is the same as on the whole page');
        self::assertSame(1, DB::table('fit_results')->count(), 'for which how it packs is tried');
        // Once it is closed, or the box is, there is none to bring: the whole sheet comes, to where it belongs.
        $beside = [...self::HTMX, 'HX-Target' => 'div#beside'];
        $this->get("/boxes/{$this->box->id}", $beside)
            ->assertHeader('HX-Retarget', '#sheet')
            ->assertSee('id="sheet"', false);
        $this->box->update(['stage' => Stage::Packed]);
        $this->get($address, $beside)->assertHeader('HX-Retarget', '#sheet')->assertDontSee('id="picker"', false);
        $this->get($address, self::HTMX)->assertHeaderMissing('HX-Retarget');
    }

    /** @param array<string, string> $fields */
    #[TestWith([['pick' => '1', 'q' => 'sticker'], 'pick=1&from=stash&q=zest', 'zest'], 'what is shown goes before')]
    #[TestWith([['pick' => '1', 'q' => 'sticker'], '', null], 'it was closed since')]
    #[TestWith([['pick' => '1', 'q' => 'sticker'], null, 'sticker'], 'without scripts the form says it')]
    #[TestWith([[], 'pick=1&from=stash&q=zest', 'zest'], 'it was opened since')]
    #[TestWith([[], 'pick[]=1&q[]=2&from[]=x', null], 'no picker is shown so')]
    public function test_after_a_change_the_picker_shows_what_it_showed(
        array $fields,
        ?string $shown,
        ?string $sought,
    ): void {
        $piece = $this->setAside($this->lot('comb'), 1);
        $headers = $shown === null ? self::HTMX : [...self::HTMX, 'Wren-Picker' => $shown];
        $sheet = $this->patch("/pieces/{$piece->id}", ['quantity' => 2, ...$fields], $headers)->assertOk();

        $sought === null
            ? $sheet->assertDontSee('id="picker"', false)
            : $sheet->assertSee('id="picker"', false)
                ->assertSee("name=\"q\" maxlength=\"80\" value=\"{$sought}\"", false);
    }

    public function test_the_database_itself_never_lets_a_lot_go_below_zero(): void
    {
        $piece = $this->setAside($this->lot(), 2);

        foreach (
            [
                "update pieces set quantity = 7 where id = '{$piece->id}'",
                "update lots set pieces = 1 where id = '{$piece->lot_id}'",
            ] as $statement
        ) {
            try {
                DB::transaction(static fn (): bool => DB::statement($statement));
                self::fail('It was let through.');
            } catch (\Illuminate\Database\QueryException $refused) {
                self::assertStringContainsString('more set aside than the lot holds', $refused->getMessage());
            }
        }
    }

    /**
     * @param  array<string, mixed>  $sent
     * @return TestResponse<Response>
     */
    private function pick(array $sent): TestResponse
    {
        return $this->post("/boxes/{$this->box->id}/pieces", $sent, self::HTMX);
    }

    /**
     * @param  array<string, mixed>  $typed
     * @return TestResponse<Response>
     */
    private function thing(array $typed): TestResponse
    {
        return $this->post(
            "/boxes/{$this->box->id}/things",
            ['pick' => '1', 'from' => 'new'] + $typed + self::THING,
            self::HTMX,
        );
    }

    private function setAside(Lot $lot, int $quantity): Piece
    {
        return Piece::query()->create([
            'crew_id' => $this->crew->id,
            'box_id' => $this->box->id,
            'lot_id' => $lot->id,
            'quantity' => $quantity,
        ]);
    }

    private function listedPencils(): ?int
    {
        return Piece::query()->where('box_id', $this->box->id)->where('kind', 'pencils')->first()?->quantity;
    }

    /** @param array<string, mixed> $with */
    private function listed(string $kind, array $with = []): Piece
    {
        return Piece::factory()->createOne([
            'crew_id' => $this->crew->id, 'box_id' => $this->box->id, 'lot_id' => null, 'kind' => $kind,
            'quantity' => 1, ...$with,
        ]);
    }
}
