<?php

declare(strict_types=1);

namespace Tests\Feature\Gather;

use App\Models\Lot;
use App\Models\Piece;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use PluckyWren\Core\Money\PriceState;
use PluckyWren\Core\Stash\LotLimits;
use Tests\Feature\TestCase;

final class StashTest extends TestCase
{
    private const LOT = [
        'kind' => 'pencils',
        'name' => 'Pencils, plain wood',
        'price' => '6.12',
        'pieces' => '72',
        'source' => 'online',
        'place' => 'Pennyroyal Parcels',
        'got_on' => '2026-08-12',
        'length' => '176',
        'width' => '7',
        'height' => '7',
        'traits' => ['point'],
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
    }

    public function test_an_empty_stash_teaches_what_to_do_first(): void
    {
        $this->get('/gather')
            ->assertOk()
            ->assertSee('Nothing in the stash yet')
            ->assertSee('Plan a box from the guide');
    }

    public function test_a_lot_is_put_in_its_drawer_with_its_exact_price(): void
    {
        $this->post('/lots', self::LOT)->assertRedirect('/gather');

        $this->get('/gather')->assertSeeInOrder([
            'School', 'Pencils, plain wood', '72 of 72', '0.085', 'online, Pennyroyal Parcels', '12 Aug 2026',
        ]);
    }

    public function test_the_form_asks_for_the_kind_and_fills_in_the_rest(): void
    {
        $this->get('/lots/new')->assertOk()->assertDontSee('name="length"', false);
        $this->get('/lots/new?kind=pencils')->assertSee('value="176"', false)->assertSee('pointed');
        $this->get('/lots/new?kind=unicorn')->assertOk()->assertDontSee('name="length"', false);
        $this->get('/lots/new?kind[]=pencils')->assertOk();
    }

    public function test_a_mistake_is_said_and_what_was_typed_is_kept(): void
    {
        $this->from('/lots/new?kind=pencils')
            ->post('/lots', ['price' => '-3'] + self::LOT)
            ->assertRedirect('/lots/new?kind=pencils');

        $this->get('/lots/new?kind=pencils')
            ->assertSee('An amount cannot be below zero.')
            ->assertSee('value="-3"', false)
            ->assertSee('value="Pencils, plain wood"', false);
        self::assertSame(0, Lot::query()->count());
    }

    public function test_a_lot_is_corrected_and_every_box_reckons_with_it(): void
    {
        $lot = $this->lot();
        $box = $this->box();
        Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => $lot->id, 'quantity' => 3]);
        $form = [
            'kind' => 'soap',
            'name' => 'Soap, pine',
            'price' => '3.00',
            'pieces' => '6',
            'source' => 'shop',
            'got_on' => '2026-11-08',
            'length' => '92',
            'width' => '60',
            'height' => '30',
        ];

        $this->put("/lots/{$lot->id}", $form)->assertRedirect('/gather');
        // Three of six for 3.00, and the sending gift of 9.00.
        $this->get("/boxes/{$box->id}")->assertSee('10.50');

        $this->from("/lots/{$lot->id}")
            ->put("/lots/{$lot->id}", ['pieces' => '2'] + $form)
            ->assertRedirect("/lots/{$lot->id}");
        $this->get("/lots/{$lot->id}")->assertSee(
            '3 of “Soap, pine” are set aside for boxes or gone, so the lot cannot hold fewer.',
        );
        self::assertSame(6, $lot->refresh()->pieces);

        $this->put("/lots/{$lot->id}", ['price' => '', 'pieces' => '3'] + $form)->assertRedirect('/gather');
        self::assertSame([PriceState::Unknown, null, 3], [$lot->refresh()->price_state, $lot->paid, $lot->pieces]);
    }

    public function test_a_lot_in_a_box_is_not_taken_out_of_the_stash(): void
    {
        $lot = $this->lot();
        $piece = Piece::factory()->createOne(['box_id' => $this->box()->id, 'lot_id' => $lot->id]);

        $this->from("/lots/{$lot->id}")
            ->delete("/lots/{$lot->id}")
            ->assertRedirect("/lots/{$lot->id}")
            ->assertSessionHasErrors('lot');
        $piece->delete();
        $this->delete("/lots/{$lot->id}")->assertRedirect('/gather');
        self::assertSame(0, Lot::query()->count());
    }

    public function test_boxes_and_pieces_are_found_by_name_place_and_theme(): void
    {
        $this->box(['theme' => 'Tide pool']);
        $this->lot('soap', ['name' => 'Tidy soap', 'place' => 'Bramble Thrift']);

        $this->get('/find')->assertOk();
        $this->get('/find?q=tid')->assertSee('Tide pool')->assertSee('Tidy soap');
        $this->get('/find?q=bramble')->assertSee('Tidy soap')->assertDontSee('Tide pool');
        $this->get('/find?q=_')->assertSee('Nothing matches “_”.');
        $this->get('/find?q[]=x')->assertOk();
        $this->get('/find?q='.str_repeat('x', 5000))->assertOk();
    }

    public function test_drawers_count_what_is_on_hand_and_set_aside_and_open_by_lane(): void
    {
        $soap = $this->lot();
        $this->lot('comb', ['name' => 'Comb', 'pieces' => 4]);
        $this->lot('pencils', ['name' => 'Pencils', 'pieces' => 72]);
        Piece::factory()->createOne(['box_id' => $this->box()->id, 'lot_id' => $soap->id, 'quantity' => 2]);

        $this->get('/gather')->assertSeeInOrder([
            'School', '72 on hand, 0 set aside', 'Care', '8 on hand, 2 set aside', 'All drawers', '3 things.',
        ]);
        $this->get('/gather?lane=care')->assertSee('2 things.')->assertSee('Comb')->assertDontSee('Tick Pencils');
        $this->get('/gather?lane=nonsense')->assertSee('3 things.');
    }

    /** @param list<string> $expected */
    #[DataProvider('questions')]
    public function test_lots_are_found_filtered_and_sorted(string $query, array $expected): void
    {
        $used = $this->lot('soap', [
            'name' => 'Alder soap',
            'got_on' => '2025-01-01',
            'tags' => 'forest',
            'pieces' => 1,
        ]);
        Piece::factory()->createOne(['box_id' => $this->box()->id, 'lot_id' => $used->id]);
        $this->lot('soap', ['name' => 'Birch soap', 'got_on' => '2025-02-01', 'kept' => 'blue tub', 'pieces' => 12]);
        $this->lot('marbles', [
            'name' => 'Cat’s-eye marbles',
            'price_state' => PriceState::Unknown,
            'paid' => null,
            'place' => null,
            'got_on' => '2026-06-01',
        ]);

        preg_match_all(
            '/aria-label="Tick ([^"]+)"/',
            (string) $this->get("/gather?{$query}")->assertOk()->getContent(),
            $found,
        );
        self::assertSame($expected, array_map(html_entity_decode(...), $found[1]));
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function questions(): iterable
    {
        yield 'all, by name' => ['', ['Alder soap', 'Birch soap', 'Cat’s-eye marbles']];
        yield 'by tag' => ['q=forest', ['Alder soap']];
        yield 'by where it is kept' => ['q=blue+tub', ['Birch soap']];
        yield 'by shop' => ['q=tuppence', ['Alder soap', 'Birch soap']];
        yield 'with some on hand' => ['only=on-hand', ['Birch soap', 'Cat’s-eye marbles']];
        yield 'without a price' => ['only=no-price', ['Cat’s-eye marbles']];
        yield 'without a place' => ['only=no-source', ['Cat’s-eye marbles']];
        yield 'unused for a year' => ['only=unused', ['Birch soap']];
        yield 'for a band' => ['band=2-3', ['Alder soap', 'Birch soap']];
        yield 'got in one year' => ['year=2026', ['Cat’s-eye marbles']];
        yield 'newest first' => ['sort=newest', ['Cat’s-eye marbles', 'Birch soap', 'Alder soap']];
        yield 'cheapest first: 2.76 by 12, by 1, unknown' => [
            'sort=cheapest', ['Birch soap', 'Alder soap', 'Cat’s-eye marbles'],
        ];
        yield 'nonsense is left out' => [
            'only=x&sort=y&band=9-99&q[]=z', ['Alder soap', 'Birch soap', 'Cat’s-eye marbles'],
        ];
    }

    public function test_many_lots_come_in_pages(): void
    {
        foreach (range(1, 51) as $number) {
            $this->lot('soap', ['name' => sprintf('Soap %02d', $number)]);
        }
        $this->get('/gather')
            ->assertSee('51 things.')
            ->assertSee('Soap 50')
            ->assertDontSee('Soap 51')
            ->assertSee('1 of 2');
        $this->get('/gather?page=2', ['HX-Request' => 'true'])
            ->assertSee('Soap 51')
            ->assertDontSee('Soap 50')
            ->assertDontSee('<html', false);
    }

    public function test_several_lots_are_changed_in_one_step_or_none_is(): void
    {
        $box = $this->box();
        $one = $this->lot('soap', ['tags' => 'forest']);
        $other = $this->lot('comb', ['pieces' => 1]);
        $send = fn (array $what) => $this->from('/gather')->post(
            '/lots/several',
            ['lots' => [$one->id, $other->id]] + $what,
        );

        $send(['tag' => ' forest,', 'kept' => 'blue tub', 'box' => $box->id])->assertRedirect('/gather');
        self::assertSame(
            [['forest', 'blue tub'], ['forest', 'blue tub']],
            [[$one->refresh()->tags, $one->kept], [$other->refresh()->tags, $other->kept]],
        );
        self::assertSame(2, $box->pieces()->count());

        // The only comb is set aside now: nothing of the second step stays.
        $send(['tag' => 'again', 'box' => $box->id])->assertSessionHasErrors([
            'several' => 'The last of “Comb” is set aside for another box already.',
        ]);
        self::assertSame('forest', $one->refresh()->tags);
        self::assertSame(2, (int) $box->pieces()->sum('quantity'));

        $send([
            'source' => 'thrift',
            'place' => 'The old sorting office',
            'got_on' => '2026-03-01',
        ])->assertSessionHasNoErrors();
        foreach ([$one, $other] as $lot) {
            self::assertSame(
                ['thrift', 'The old sorting office', '2026-03-01'],
                [$lot->refresh()->source->value, $lot->place, $lot->got_on->toDateString()],
            );
            $this->get("/lots/{$lot->id}")->assertSee('corrected');
        }
        $send(['got_on' => '2099-01-01', 'source' => 'found'])->assertSessionHasErrors(['got_on', 'source']);
        $send([])->assertSessionHasErrors('several');
        $this->post('/lots/several', ['tag' => 'x'])->assertSessionHasErrors('lots');
    }

    public function test_another_kind_brings_its_own_part_of_the_page_and_no_page_within_the_page(): void
    {
        foreach (['/lots/new', "/lots/{$this->lot()->id}"] as $page) {
            $this->get("{$page}?kind=comb", ['HX-Request' => 'true'])->assertOk()
                ->assertSee('id="lot-form"', false)
                ->assertDontSee('<html', false);
            $this->get("{$page}?kind=comb")->assertOk()->assertSee('<html', false);
        }
    }

    public function test_another_crews_lots_are_not_among_several(): void
    {
        $theirs = Lot::factory()->createOne();

        $this->post('/lots/several', ['lots' => [$this->lot()->id, $theirs->id], 'tag' => 'mine'])->assertNotFound();
        self::assertSame('', Lot::query()->firstOrFail()->tags);
    }

    public function test_what_may_be_said_of_a_lot_is_the_same_in_the_table_as_in_the_forms(): void
    {
        $lot = $this->lot();
        foreach (LotLimits::TEXTS as $column => $most) {
            DB::table('lots')->where('id', $lot->id)->update([$column => str_repeat('ü', $most)]);
            try {
                DB::transaction(static fn (): int => DB::table('lots')->where('id', $lot->id)->update([
                    $column => str_repeat('ü', $most + 1),
                ]));
                self::fail("The table takes a longer {$column}.");
            } catch (QueryException $refused) {
                self::assertMatchesRegularExpression('/check constraint/i', $refused->getMessage());
            }
        }
        $form = [
            'got_on' => '2026-11-01',
            'kind' => 'soap',
            'name' => 'Soap',
            'pieces' => '6',
            'source' => 'shop',
            'price' => '2.76',
            'length' => '92',
            'width' => '60',
            'height' => '30',
        ];
        foreach (['name', 'place', 'tags', 'kept', 'note', 'materials'] as $field) {
            $this->post(
                '/lots',
                [$field => str_repeat('ü', LotLimits::TEXTS[$field])] + $form,
            )->assertSessionHasNoErrors();
            $this->post(
                '/lots',
                [$field => str_repeat('ü', LotLimits::TEXTS[$field] + 1)] + $form,
            )->assertSessionHasErrors($field);
        }
    }
}
