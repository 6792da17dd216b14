<?php

declare(strict_types=1);

namespace Tests\Feature\Gather;

use App\Models\Lot;
use App\Models\Piece;
use App\Models\TargetPrice;
use Carbon\CarbonImmutable;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Stash\Fault;
use PluckyWren\Core\Stash\FaultEnd;
use Tests\Feature\TestCase;

/** Targets, packs and prices that are what they are called. */
final class PricesTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
    }

    public function test_the_best_price_is_taken_as_the_target_to_its_last_fraction(): void
    {
        $this->lot('pencils', ['pieces' => 72, 'paid' => new Money(276, Currency::of('EUR'))]);
        // 2.76 for 72 is 0.23 for 6.
        $this->get('/gather/price-desk?kind=pencils&price=1&pieces=1')->assertSee('value="0.23/6"', false);
        $this->post('/gather/target', [
            'kind' => 'pencils',
            'target' => '0.23/6',
            'was' => '',
        ])->assertSessionHasNoErrors();

        self::assertSame('0.038', TargetPrice::query()->firstOrFail()->amount()->each()->format());
        // A pack of 100 at 3.83 is 0.0383 each and just worth it; at 3.84 it is not.
        $this->get('/gather/price-desk?kind=pencils&price=3.83&pieces=100')->assertSee('is at or under');
        $this->get('/gather/price-desk?kind=pencils&price=3.84&pieces=100')->assertDontSee('is at or under');
        $this->post('/gather/target', ['kind' => 'pencils', 'target' => '1/0'])->assertSessionHasErrors('target');
        $this->post('/gather/target', [
            'kind' => 'pencils',
            'target' => '0.05',
            'was' => 'other',
        ])->assertSessionHasErrors('target');
    }

    public function test_a_target_for_an_age_group_serves_the_shopping_list_and_the_pocket(): void
    {
        TargetPrice::factory()->createOne([
            'crew_id' => $this->crew->id,
            'kind' => 'soap',
            'band' => '',
            'target' => new Money(50, Currency::of('EUR')),
        ]);
        TargetPrice::factory()->createOne([
            'crew_id' => $this->crew->id,
            'kind' => 'soap',
            'band' => '8-12',
            'target' => new Money(30, Currency::of('EUR')),
        ]);
        $box = $this->box(['band' => '8-12']);
        Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => null, 'kind' => 'soap', 'quantity' => 1]);

        $this->get('/gather/shopping')->assertSee('at most 0.30 each');
        $box->update(['band' => '4-7']);
        $this->get('/gather/shopping')->assertSee('at most 0.50 each');
    }

    public function test_a_pack_is_the_shops_and_not_the_last_count(): void
    {
        // Three packs of twelve at once are 36 pieces, and a pack is still twelve.
        $this->lot('washcloth', ['pieces' => 36, 'pack_pieces' => 12, 'source' => 'shop']);
        Piece::factory()->createOne([
            'box_id' => $this->box()->id,
            'lot_id' => Lot::query()->firstOrFail()->id,
            'quantity' => 36,
        ]);
        $this->box(['theme' => 'Kite festival']);

        $this->get('/gather/shopping')->assertSee('1 pack of 12');
        $this->get('/gather/price-desk?kind=washcloth&price=9.12&packs=3&pieces=12')->assertSee('pack_pieces=12');
    }

    public function test_what_came_back_in_part_is_no_best_price(): void
    {
        $lot = $this->lot();
        $this->post("/lots/{$lot->id}/wrong", [
            'wrong' => '6',
            'fault' => 'damage',
            'fault_end' => 'kept',
            'back' => '1.38',
        ])->assertSessionHasNoErrors();

        self::assertSame([138, 138], [$lot->refresh()->paid?->minor, $lot->back_minor]);
        $this->get('/gather/price-desk?kind=soap&price=1&pieces=1')->assertSee(
            'None of this kind was paid for so far.',
        );
    }

    public function test_nobody_is_told_to_wait_for_the_month_it_is(): void
    {
        $kind = collect(resolve(\PluckyWren\Core\Stash\Catalogue::class)->all())->first(
            static fn ($kind): bool => in_array(8, $kind->usage->cheapMonths, true),
        );
        self::assertNotNull($kind);
        TargetPrice::factory()->createOne([
            'crew_id' => $this->crew->id,
            'kind' => $kind->id,
            'band' => '',
            'target' => new Money(10, Currency::of('EUR')),
        ]);
        $page = "/gather/price-desk?kind={$kind->id}&price=9&pieces=1";

        CarbonImmutable::setTestNow('2026-05-10');
        $this->get($page)->assertSee('August');
        CarbonImmutable::setTestNow('2026-08-10');
        $this->get($page)->assertSee('This is the month in which it is usually cheap')->assertDontSee('in August');
    }

    public function test_what_lies_in_boxes_is_not_due_and_an_undecided_lot_is_decided_in_part(): void
    {
        $lot = $this->lot('soap', ['fault' => Fault::Damage, 'fault_end' => FaultEnd::Undecided]);
        $this->post("/lots/{$lot->id}/wrong", [
            'wrong' => '2',
            'fault' => 'damage',
            'fault_end' => 'sent-back',
            'back' => '0.92',
        ])->assertSessionHasNoErrors();
        $part = Lot::query()->whereKeyNot($lot->id)->firstOrFail();
        self::assertSame(
            [4, FaultEnd::Undecided, 2, FaultEnd::SentBack],
            [$lot->refresh()->pieces, $lot->fault_end, $part->pieces, $part->fault_end],
        );

        $whole = $this->lot('comb');
        $packed = $this->box(['stage' => 'packed']);
        Piece::factory()->createOne(['box_id' => $packed->id, 'lot_id' => $whole->id]);
        $form = [
            'kind' => 'comb',
            'name' => 'Comb',
            'pieces' => (string) $whole->pieces,
            'price' => '2.76',
            'source' => 'shop',
            'got_on' => '2026-11-08',
            'length' => '180',
            'width' => '30',
            'height' => '5',
            'due_on' => '2026-12-01',
        ];
        $this->put("/lots/{$whole->id}", $form)->assertSessionHasErrors('pieces');
        self::assertNull($whole->refresh()->due_on);
    }

    public function test_bare_figures_far_too_small_for_a_thing_ask_for_their_unit(): void
    {
        $form = [
            'kind' => 't-shirt',
            'name' => 'Shirt',
            'pieces' => '1',
            'price' => '3',
            'source' => 'shop',
            'got_on' => '2026-11-08',
            'length' => '9',
            'width' => '7',
            'height' => '1.5',
        ];

        $this->post('/lots', $form)->assertSessionHasErrors('length');
        $this->post(
            '/lots',
            ['length' => '9 in', 'width' => '7 in', 'height' => '1.5 in'] + $form,
        )->assertSessionHasNoErrors();
        $this->post(
            '/lots',
            ['length' => '9 mm', 'width' => '7 mm', 'height' => '1.5 mm'] + $form,
        )->assertSessionHasNoErrors();
    }

    public function test_a_name_that_came_with_a_kind_goes_with_it(): void
    {
        $this->get('/lots/new?kind=comb&name=Bar+of+soap&named_by=Bar+of+soap')
            ->assertSee('value="Comb"', false)
            ->assertSee('value="180"', false);
        $this->get('/lots/new?kind=comb&name=From+Ines&named_by=Bar+of+soap')->assertSee('value="From Ines"', false);
    }

    public function test_a_kind_is_known_by_what_people_call_it_and_one_that_is_not_is_told(): void
    {
        $this->get('/gather/price-desk?kind=face+cloths&price=1&pieces=1')->assertSee('value="Washcloth"', false);
        $this->get('/gather/price-desk?kind=stuffed+dog&price=1.20&pieces=4')
            ->assertSee('We know no kind called “stuffed dog”.')
            ->assertSee('value="stuffed dog"', false)
            ->assertSee('0.30');
    }
}
