<?php

declare(strict_types=1);

namespace Tests\Feature\Gather;

use App\Models\Crew;
use App\Models\Lot;
use App\Models\Piece;
use App\Models\TargetPrice;
use PHPUnit\Framework\Attributes\DataProvider;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Money\Money;
use Tests\Feature\TestCase;

/** The price desk and the shopping list. */
final class GatherTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
    }

    public function test_the_desk_reckons_a_chain_of_cuts_and_checks_a_claim(): void
    {
        // A pack of nine at 8.38, half off, is 4.19: 0.466 each.
        $this->get('/gather/price-desk?price=8,38&pieces=9&step[]=percent-off&value[]=50&claim=0.30')->assertOk()
            ->assertSee('0.466')->assertSee('4.19 EUR for 9, 50 % off the list price')
            ->assertSee('No: it comes to 0.466 each. 0.30 would need 14 in the pack, or the pack at 2.70.')
            ->assertSee('value="8,38"', false);
        $this->get(
            '/gather/price-desk?price=8.38&pieces=9&step[]=percent-off&value[]=50&claim=0.47',
        )->assertSee('Yes: 0.47 each is what the pack comes to.');
    }

    /** @param array<string, mixed> $query */
    #[DataProvider('mistakes')]
    public function test_a_mistake_at_the_desk_is_said_beside_its_field(array $query, string $says): void
    {
        $this->get('/gather/price-desk?'.http_build_query($query))
            ->assertOk()
            ->assertSee($says)
            ->assertDontSee('off the list price');
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function mistakes(): iterable
    {
        yield 'below zero' => [['price' => '-3'], 'An amount cannot be below zero.'];
        yield 'a pack of none' => [['price' => '3', 'pieces' => '0'], 'A whole number from 1 to 10,000'];
        yield '120 % off' => [['price' => '3', 'step' => ['percent-off'], 'value' => ['120']], '120 % off cannot be'];
        yield 'more off than there is' => [
            ['price' => '3', 'step' => ['percent-off', 'amount-off'], 'value' => ['50', '2']],
            'Step 2: 2.00 off is more than the 1.50 it costs by then.',
        ];
        yield 'a list for a price' => [['price' => ['3']], 'Type what a pack costs'];
        yield 'a step that is not there' => [
            ['price' => '3', 'step' => ['magic'], 'value' => ['x']], '“x” is not a percentage',
        ];
    }

    public function test_the_desk_weighs_a_price_against_the_target_or_the_best_so_far(): void
    {
        $this->lot();
        $ask = fn (string $price) => $this->get("/gather/price-desk?kind=soap&price={$price}&pieces=6");

        // The best so far is six for 2.76: 0.46 each.
        $ask('2.76')->assertSee('Buy')->assertSee('0.46 is at or under the best so far, 0.46.');
        $ask('3.00')->assertSee('Fair');
        $ask('4.00')->assertSee('Wait')->assertSee('Usually cheap in January.');

        $this->from('/gather/price-desk?kind=soap')
            ->post('/gather/target', ['kind' => 'soap', 'target' => '0,40'])
            ->assertRedirect();
        $ask('2.76')->assertSee('Fair')->assertSee('your target of 0.40');
        $this->post('/gather/target', ['kind' => 'soap', 'target' => '-1'])->assertSessionHasErrors('target');
        $this->post('/gather/target', ['kind' => 'unicorn', 'target' => '1'])->assertSessionHasErrors('kind');
        $this->post('/gather/target', ['kind' => 'soap', 'target' => ''])->assertRedirect();
        self::assertSame(0, TargetPrice::query()->count());
    }

    public function test_a_dear_price_is_only_for_a_box_that_lacks_it_near_the_day(): void
    {
        $this->lot('soap', ['got_on' => '2026-01-05']);
        Piece::factory()->createOne([
            'box_id' => $this->box(['stage' => Stage::Packed])->id,
            'lot_id' => Lot::query()->firstOrFail()->id,
            'quantity' => 6,
        ]);
        $this->box();

        // 23 days before hand-in, one open box lacks soap and none is on hand.
        $this->get('/gather/price-desk?kind=soap&price=4.00&pieces=6')
            ->assertSee('Only if a box needs it now')
            ->assertSee('You still need to buy 1.');
    }

    public function test_targets_are_a_crews_own(): void
    {
        TargetPrice::factory()->createOne(['crew_id' => Crew::factory()->createOne()->id]);

        $this->get('/gather/price-desk?kind=soap&price=0.40&pieces=1')->assertSee('Nothing to compare with yet');
        $this->post('/gather/target', ['kind' => 'soap', 'target' => '0.35'])->assertRedirect();
        self::assertSame(
            [35],
            TargetPrice::query()->get()->map(static fn (TargetPrice $target): int => $target->target->minor)->all(),
        );
    }

    public function test_the_list_holds_what_boxes_lack_less_what_is_on_hand_in_packs(): void
    {
        $this->lot('pencils', ['pieces' => 4, 'pack_pieces' => 4, 'place' => 'Mill Lane Stores']);
        $this->box(['theme' => 'Tide pool']);
        $this->box(['theme' => 'Kite festival']);

        // Ten pencils less four on hand are six: two packs of four, two over.
        $this->get('/gather/shopping')
            ->assertSeeInOrder(
                [
                    'Mill Lane Stores',
                    '6</b> Pencil',
                    '2 packs of 4',
                    'leaves 2 over',
                    'for Tide pool, Kite festival',
                    'Any shop',
                ],
                false,
            )
            ->assertSeeInOrder(['On hand already', 'pick them from the stash', 'for'])
            ->assertSee('?pick=1&amp;q=', false)
            ->assertSeeInOrder([
                'Within the budget?', 'Tide pool', 'without a price', 'for each of those', 'Kite festival',
            ]);
    }

    public function test_the_list_says_where_it_was_cheaper_as_long_as_that_is_not_long_ago(): void
    {
        $bought = fn (string $place, string $paid, string $day, string $source = 'shop') => $this->lot('soap', [
            'pieces' => 1, 'gone' => 1, 'place' => $place, 'got_on' => $day, 'source' => $source,
            'paid' => Money::parse($paid, $this->crew->currency),
        ]);
        $this->box(['theme' => 'Tide pool']);
        $bought('Mill Lane Stores', '0.89', '2026-11-10');
        $bought('Tuppence Corner', '0.95', '2026-10-10');
        $bought('A friend’s attic', '0.10', '2026-11-01', 'given');
        $bought('Long ago', '0.20', '2025-11-17');
        $this->get('/gather/shopping')->assertSee('Mill Lane Stores')->assertDontSee('Was cheaper at');

        $bought('Quay Street Bargains', '0.46', '2026-03-02');
        // What it costs there now is what counts, not what it once did.
        $bought('Bramble Thrift', '0.30', '2026-02-01', 'thrift');
        $bought('Bramble Thrift', '0.99', '2026-05-01', 'thrift');
        $this->get('/gather/shopping')->assertSee('Was cheaper at Quay Street Bargains: 0.46 each on 2 Mar.');
    }

    public function test_where_all_of_it_is_in_the_basket_the_next_shop_is_named(): void
    {
        $this->lot('soap', ['pieces' => 1, 'gone' => 1, 'place' => 'Mill Lane Stores']);
        $this->lot('comb', ['pieces' => 1, 'gone' => 1, 'place' => 'Quay Street Bargains']);
        $box = $this->box();
        $this->post("/boxes/{$box->id}/from-guide");
        $shown = function (): int {
            $page = (string) $this->get('/gather/shopping')->assertOk()->getContent();

            return (int) preg_match_all('/data-all-in(?!\s+hidden)/', $page);
        };
        self::assertSame(0, $shown());

        $this->post('/gather/shopping/tick', ['kind' => 'comb', 'in_basket' => '1'])->assertRedirect();
        self::assertSame(1, $shown());
        // Quay Street stands before Mill Lane: the list begins at the end of the alphabet.
        $this->get('/gather/shopping')->assertSeeInOrder([
            'Quay Street Bargains', 'All of this is in the basket.', 'href="#place-1"', 'id="place-1"',
            'Mill Lane Stores',
        ], false);
    }

    public function test_ticking_off_makes_a_lot_and_sets_it_aside_for_the_boxes_that_listed_it(): void
    {
        $box = $this->box(['theme' => 'Tide pool']);
        $this->post("/boxes/{$box->id}/from-guide");
        self::assertSame(1, $box->pieces()->where('kind', 'soap')->count());

        $this->post('/gather/shopping', [
            'kind' => 'soap',
            'price' => '2,40',
            'pieces' => '4',
            'place' => 'Tuppence Corner',
        ])->assertRedirect('/gather/shopping');
        $lot = Lot::query()->firstOrFail();

        self::assertSame(
            [240, 4, 'Tuppence Corner', '2026-11-18'],
            [$lot->paid?->minor, $lot->pieces, $lot->place, $lot->got_on->toDateString()],
        );
        self::assertSame(
            [0, 1],
            [
                $box->pieces()->where('kind', 'soap')->count(),
                (int) $box->pieces()->where('lot_id', $lot->id)->sum('quantity'),
            ],
        );
        $this->get('/gather/shopping')
            ->assertSee('4 × “Bar of soap” are in the stash, 1 of them set aside for a box.')
            ->assertDontSee('id="bought-soap"', false);

        $this->from('/gather/shopping')
            ->post('/gather/shopping', ['kind' => 'comb', 'price' => '-3', 'pieces' => '4'])
            ->assertRedirect('/gather/shopping');
        $this->get('/gather/shopping')->assertSee('An amount cannot be below zero.')->assertSee('value="-3"', false);
        self::assertSame(1, Lot::query()->count());

        $this->post('/gather/shopping', ['kind' => 'kite', 'price' => '2.00', 'pieces' => '1'])
            ->assertSessionHas('said', '“Folded kite” is in the stash.');
    }

    public function test_an_empty_list_says_what_to_do(): void
    {
        $this->get('/gather/shopping')->assertSee('No open box, nothing to buy');
    }

    public function test_a_boxs_ledger_runs_to_the_total(): void
    {
        $box = $this->box();
        Piece::factory()->createOne([
            'box_id' => $box->id,
            'lot_id' => $this->lot('pencils', ['pieces' => 72])->id,
            'quantity' => 7,
        ]);
        Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => $this->lot()->id, 'quantity' => 2]);

        // Seven of 72 for 2.76 are 26.83 cents, written 0.27; two of six are 92: 1.19 with the pencils, 10.19 with the
        // gift.
        $this->get("/boxes/{$box->id}/ledger")
            ->assertOk()
            ->assertSeeInOrder([
                'Pencil',
                '72 for 2.76',
                '0.038',
                '0.27',
                '0.27',
                'Soap, pine',
                '6 for 2.76',
                '0.46',
                '0.92',
                '1.19',
                'Shipping gift',
                '9.00',
                'Together',
                '10.19',
                'Planned',
                '25.00',
            ]);
    }

    public function test_the_season_adds_up_by_month_lane_and_source(): void
    {
        $this->lot('soap', [
            'list' => new \PluckyWren\Core\Money\Money(500, \PluckyWren\Core\Money\Currency::of('EUR')),
        ]);
        $this->lot('pencils', ['got_on' => '2026-08-10', 'source' => \PluckyWren\Core\Stash\Source::Online]);
        $this->lot('comb', ['got_on' => '2025-11-01']);
        $owl = Lot::factory()
            ->ofKind('plush-small')
            ->given()
            ->createOne(['crew_id' => $this->crew->id, 'name' => 'Plush owl']);
        Piece::factory()->createOne(['box_id' => $this->box(['theme' => 'Tide pool'])->id, 'lot_id' => $owl->id]);
        $this->box(['stage' => Stage::HandedIn]);
        $this->put('/gather/money', ['budget' => '40,00'])->assertRedirect('/gather/money');

        // 2.76 twice and one gift of 9.00 paid; one gift promised; the comb is last season's.
        $this->get('/gather/money')->assertSeeInOrder([
            '19 Dec 2025 to 18 Dec 2026',
            'Spent',
            '14.52',
            'Promised',
            '9.00',
            'Free',
            '16.48',
            'Saved',
            '2.24',
            'August 2026',
            '2.76',
            'November 2026',
            '2.76',
            'School',
            '2.76',
            'Online',
            '2.76',
            'Thank-you list',
            'Ines',
            'Plush owl',
            'in Tide pool',
        ]);
        $this->put('/gather/money', ['budget' => '-1'])->assertSessionHasErrors('budget');
        $this->put('/gather/money', ['budget' => ''])->assertRedirect();
        $this->get('/gather/money')->assertDontSee('Free');
    }

    public function test_a_receipt_is_added_up_checked_and_kept_whole(): void
    {
        $receipt = [
            'place' => 'Mill Lane Stores',
            'source' => 'shop',
            'got_on' => '2026-11-17',
            'total' => '9,00',
            'rows' => [
                ['kind' => 'soap', 'name' => 'Soap, fir', 'pieces' => '4', 'paid' => '2,40'],
                ['kind' => 'comb', 'name' => '', 'pieces' => '', 'paid' => '0.99'],
                ['kind' => '', 'name' => '', 'pieces' => '', 'paid' => ''],
            ],
        ];
        $this->post('/gather/quick/look', $receipt, ['HX-Request' => 'true'])
            ->assertOk()
            ->assertSee('3.39')
            ->assertSee('The receipt says 5.61 more than the lines.')
            ->assertDontSee('<html', false);
        $this->post('/gather/quick', $receipt)
            ->assertUnprocessable()
            ->assertSee('Save it although the totals differ')
            ->assertSee('value="Soap, fir"', false);
        self::assertSame(0, Lot::query()->count());

        $this->post('/gather/quick', ['total' => '3.39'] + $receipt)->assertRedirect('/gather?sort=newest');
        [$soap, $comb] = Lot::query()->get()->sortByDesc('name')->values()->all();
        self::assertSame(
            [['Soap, fir', 4, 240], ['Comb', 1, 99]],
            [[$soap->name, $soap->pieces, $soap->paid?->minor], [$comb->name, $comb->pieces, $comb->paid?->minor]],
        );
        self::assertSame(['Mill Lane Stores', '2026-11-17'], [$comb->place, $comb->got_on->toDateString()]);
        $this->get('/gather')->assertSee('2 purchases for 3.39 are in the stash.');

        $this->post('/gather/quick', ['differs' => '1'] + $receipt)->assertRedirect();
        self::assertSame(4, Lot::query()->count());
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('receipts')]
    public function test_a_receipt_with_a_mistake_is_kept_in_no_part(array $changes, string $says): void
    {
        $good = ['kind' => 'soap', 'name' => '', 'pieces' => '4', 'paid' => '2,40'];
        $rows = isset($changes['row']) ? [$good, (array) $changes['row'] + $good] : [$good];

        $this->post(
            '/gather/quick',
            $changes + ['place' => 'X', 'source' => 'shop', 'got_on' => '2026-11-17', 'total' => '', 'rows' => $rows],
        )
            ->assertUnprocessable()
            ->assertSee($says);
        self::assertSame(0, Lot::query()->count());
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function receipts(): iterable
    {
        yield 'a line without a kind' => [['row' => ['kind' => '']], 'Which kind is this line?'];
        yield 'a price below zero' => [['row' => ['paid' => '-1']], 'An amount cannot be below zero.'];
        yield 'pieces in words' => [['row' => ['pieces' => 'two']], 'A whole number from 1 to 10,000'];
        yield 'a day to come' => [['got_on' => '2026-11-19'], 'A day from 2000 up to today'];
        yield 'a day that is none' => [['got_on' => 'yesterday'], 'A day from 2000 up to today'];
        yield 'a total in words' => [['total' => 'lots'], '“lots” is not an amount'];
        yield 'nothing in it' => [['rows' => []], 'Fill in a line first.'];
        yield 'no rows at all' => [['rows' => 'x'], 'Fill in a line first.'];
    }

    public function test_what_was_bought_without_a_signal_is_kept_once_however_often_it_is_sent(): void
    {
        $entry = ['key' => '0b0d4f5e', 'kind' => 'soap', 'price' => '3,60', 'pieces' => '9', 'place' => 'Cellar shop'];
        $json = ['Accept' => 'application/json'];

        $this->post('/gather/pocket', $entry, $json)->assertCreated()->assertJson(['new' => true]);
        $this->post('/gather/pocket', $entry, $json)->assertOk()->assertJson(['new' => false]);
        $this->post('/gather/pocket', ['key' => 'another'] + $entry, $json)->assertCreated();
        $this->post('/gather/pocket', ['key' => 'third', 'price' => '-3'] + $entry, $json)
            ->assertUnprocessable()
            ->assertJson(['message' => 'An amount cannot be below zero.']);
        self::assertSame(2, Lot::query()->count());
        $this->get('/gather/pocket')
            ->assertOk()
            ->assertSee('In the shop')
            ->assertSee('&quot;soap&quot;:{&quot;needed&quot;:0,&quot;each&quot;:&quot;0.40&quot;', false);
        $this->get('/gather/pocket/token')->assertOk()->assertJsonStructure(['token']);
    }

    public function test_a_target_may_be_for_one_band(): void
    {
        $this->post('/gather/target', ['kind' => 't-shirt', 'target' => '2.00']);
        $this->post('/gather/target', ['kind' => 't-shirt', 'band' => '8-12', 'target' => '3.00']);
        $ask = fn (string $band) => $this->get("/gather/price-desk?kind=t-shirt&price=2.80&pieces=1&band={$band}");

        $ask('')->assertSee('your target of 2.00');
        $ask('8-12')->assertSee('your target of 3.00')->assertSee('Buy');
        $ask('2-3')->assertSee('your target of 2.00');
        $this->post('/gather/target', [
            'kind' => 't-shirt',
            'band' => '9-99',
            'target' => '1',
        ])->assertSessionHasErrors('band');
    }

    public function test_a_made_thing_carries_its_materials_and_minutes_a_bought_one_how_its_price_came_about(): void
    {
        $lot = [
            'kind' => 'washcloth',
            'name' => 'Washcloth, rust',
            'price' => '3.20',
            'pieces' => '10',
            'source' => 'made',
            'got_on' => '2026-11-01',
            'length' => '150',
            'width' => '150',
            'height' => '12',
            'materials' => 'cotton yarn',
            'minutes' => '45',
        ];
        $this->post('/lots', $lot);
        $this->post(
            '/lots',
            [
                'source' => 'shop',
                'name' => 'Washcloth, shop',
                'desk' => 'price=6.40&pieces=10&step[]=percent-off&value[]=50',
            ] + $lot,
        );
        [$made, $bought] = Lot::query()->get()->sortBy('name')->values()->all();

        self::assertSame(
            [['cotton yarn', 45], [null, null]],
            [[$made->materials, $made->minutes], [$bought->materials, $bought->minutes]],
        );
        $this->get("/lots/{$bought->id}")->assertSee('price-desk?price=6.40&amp;pieces=10', false);
        $this->post('/lots', ['minutes' => 'long'] + $lot)->assertSessionHasErrors([
            'minutes' => 'Whole minutes, please, or nothing.',
        ]);
    }
}
