<?php

declare(strict_types=1);

namespace Tests\Feature\Gather;

use App\Models\Lot;
use App\Models\LotChange;
use App\Models\Piece;
use PluckyWren\Core\Money\PriceState;
use Tests\Feature\TestCase;

final class LotLifeTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
    }

    public function test_what_is_ordered_is_not_on_hand_until_it_arrives(): void
    {
        $lot = $this->lot('soap', ['due_on' => '2026-12-03']);
        $box = $this->box();
        $pick = fn () => $this->post(
            "/boxes/{$box->id}/pieces",
            ['lot' => $lot->id, 'quantity' => 1, 'pick' => '1'],
            ['HX-Request' => 'true'],
        );

        $this->get('/gather')->assertSee('due 3 Dec')->assertSee('0 of 6');
        // It can be planned; it cannot be lost, as nothing of it is here.
        $pick()->assertOk();
        self::assertSame(0, $lot->refresh()->stock()->onHand());
        $this->post("/lots/{$lot->id}/lose", ['gone' => '1', 'why' => 'broken'])
            ->assertSessionHasErrors(['gone' => '“Soap, pine” is ordered and not here yet.']);

        $this->post("/lots/{$lot->id}/arrive")->assertRedirect("/lots/{$lot->id}");
        self::assertSame(5, $lot->refresh()->stock()->onHand());
    }

    public function test_broken_pieces_leave_the_stash_and_their_cost_stays_told(): void
    {
        $lot = $this->lot();
        Piece::factory()->createOne(['box_id' => $this->box()->id, 'lot_id' => $lot->id, 'quantity' => 3]);

        $this->post("/lots/{$lot->id}/lose", ['gone' => '2', 'why' => 'broken'])->assertRedirect();
        $stock = $lot->refresh()->stock();
        self::assertSame([1, 3, 2, 6], [$stock->onHand(), $stock->setAside, $stock->gone, $stock->pieces]);
        // A bar still cost 0.46: two of them are lost with what they cost.
        self::assertSame('0.46', $lot->price()->each?->format());

        $this->from("/lots/{$lot->id}")
            ->post("/lots/{$lot->id}/lose", ['gone' => '2', 'why' => 'broken'])
            ->assertSessionHasErrors(['gone' => 'Only 1 of “Soap, pine” are left; 2 were asked for.']);
        $this->post("/lots/{$lot->id}/lose", ['gone' => '0', 'why' => 'broken'])->assertSessionHasErrors('gone');
        $this->post("/lots/{$lot->id}/lose", ['gone' => '1', 'why' => 'eaten'])->assertSessionHasErrors('why');
        self::assertSame(2, $lot->refresh()->gone);
    }

    public function test_what_came_wrong_is_set_apart_until_someone_decides_and_the_money_back_is_booked(): void
    {
        $lot = $this->lot();
        $box = $this->box();
        Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => $lot->id, 'quantity' => 3]);

        // Six bars for 2.76: two of the three on hand are damaged and become a lot of their own, 0.92 of the price with
        // them.
        $this->from("/lots/{$lot->id}")
            ->post("/lots/{$lot->id}/wrong", ['wrong' => '4', 'fault' => 'damage', 'fault_end' => 'undecided'])
            ->assertSessionHasErrors(['wrong' => 'Only 3 of “Soap, pine” are left; 4 were asked for.']);
        $this->post("/lots/{$lot->id}/wrong", [
            'wrong' => '2',
            'fault' => 'damage',
            'fault_end' => 'undecided',
        ])->assertSessionHasNoErrors();
        $wrong = Lot::query()->whereKeyNot($lot->id)->firstOrFail();
        self::assertSame(
            [2, 0, 92, 'damage', 'undecided'],
            [
                $wrong->pieces,
                $wrong->stock()->onHand(),
                $wrong->paid?->minor,
                $wrong->fault?->value,
                $wrong->fault_end?->value,
            ],
        );
        self::assertSame([4, 1], [$lot->refresh()->pieces, $lot->stock()->onHand()]);
        $this->get('/gather?only=wrong')->assertSee('One thing.')->assertSee('damaged, not decided yet');
        $this->post(
            "/boxes/{$box->id}/pieces",
            ['lot' => $wrong->id, 'quantity' => 1, 'pick' => '1'],
            ['HX-Request' => 'true'],
        )
            ->assertUnprocessable()
            ->assertSee('decide first what becomes of it');

        $send = fn (string $back) => $this->from("/lots/{$wrong->id}")->post(
            "/lots/{$wrong->id}/wrong",
            ['wrong' => '2', 'fault' => 'damage', 'fault_end' => 'sent-back', 'back' => $back],
        );
        $send('1.00')->assertSessionHasErrors(['back' => '1.00 came back, but only 0.92 was paid for these.']);
        $send('0.92')->assertSessionHasNoErrors();
        self::assertSame(
            [2, null, PriceState::Free, 'sent-back'],
            [$wrong->refresh()->gone, $wrong->paid, $wrong->price_state, $wrong->fault_end?->value],
        );

        $change = LotChange::query()->where('lot_id', $wrong->id)->where('what', 'wrong')->latest('id')->firstOrFail();
        $this->post("/changes/{$change->id}/undo")->assertSessionHasNoErrors();
        self::assertSame(
            [0, 92, 'undecided'],
            [$wrong->refresh()->gone, $wrong->paid?->minor, $wrong->fault_end?->value],
        );
        $this->post("/lots/{$wrong->id}/wrong", ['wrong' => '2', 'fault' => 'damage', 'fault_end' => 'kept']);
        self::assertSame(2, $wrong->refresh()->stock()->onHand());
        $this->post("/lots/{$wrong->id}/wrong", [
            'wrong' => '1',
            'fault' => 'smell',
            'fault_end' => 'lost',
            'back' => '-1',
        ])->assertSessionHasErrors(['fault', 'fault_end', 'back']);
    }

    public function test_an_order_that_comes_wrong_has_arrived_all_the_same(): void
    {
        $lot = $this->lot('t-shirt', ['due_on' => '2026-12-03', 'pieces' => 1]);
        $this->get("/lots/{$lot->id}")->assertSee('It has arrived, but something is wrong');
        $this->post("/lots/{$lot->id}/wrong", [
            'wrong' => '1',
            'fault' => 'size',
            'fault_end' => 'given-on',
        ])->assertSessionHasNoErrors();

        self::assertSame(
            [null, 1, 0, 'size'],
            [$lot->refresh()->due_on, $lot->gone, $lot->stock()->onHand(), $lot->fault?->value],
        );
        $this->get("/lots/{$lot->id}")->assertSee('Wrong size')->assertSee('given on');
    }

    public function test_a_lot_is_parted_to_the_last_cent(): void
    {
        $lot = $this->lot('soap', [
            'pieces' => 7,
            'paid' => new \PluckyWren\Core\Money\Money(1000, \PluckyWren\Core\Money\Currency::of('EUR')),
        ]);
        Piece::factory()->createOne(['box_id' => $this->box()->id, 'lot_id' => $lot->id, 'quantity' => 4]);

        $this->post("/lots/{$lot->id}/split", ['part' => '3'])->assertRedirect();
        $other = Lot::query()->whereKeyNot($lot->id)->firstOrFail();
        // 10.00 by seven: three are 4.2857…, four 5.7142…: the odd cent goes to the three.
        self::assertSame(
            [[4, 571], [3, 429]],
            [[$lot->refresh()->pieces, $lot->paid?->minor], [$other->pieces, $other->paid?->minor]],
        );

        $this->from("/lots/{$lot->id}")
            ->post("/lots/{$lot->id}/split", ['part' => '1'])
            ->assertSessionHasErrors('part');
        $this->post("/lots/{$other->id}/split", ['part' => '3'])->assertSessionHasErrors('part');
        self::assertSame(2, Lot::query()->count());
    }

    public function test_a_share_too_small_for_a_cent_is_free_and_nothing_is_lost(): void
    {
        $lot = $this->lot('soap', [
            'pieces' => 100,
            'paid' => new \PluckyWren\Core\Money\Money(1, \PluckyWren\Core\Money\Currency::of('EUR')),
        ]);
        $this->post("/lots/{$lot->id}/split", ['part' => '1']);

        self::assertSame(
            [1, PriceState::Free],
            [$lot->refresh()->paid?->minor, Lot::query()->whereKeyNot($lot->id)->firstOrFail()->price_state],
        );
    }

    public function test_every_correction_is_told_and_can_be_taken_back(): void
    {
        $lot = $this->lot();
        $form = [
            'kind' => 'soap',
            'name' => 'Soap, fir',
            'price' => '3.00',
            'pieces' => '6',
            'source' => 'shop',
            'place' => 'Tuppence Corner',
            'got_on' => '2026-11-08',
            'length' => '92',
            'width' => '60',
            'height' => '30',
            'traits' => ['scented'],
        ];
        $this->put("/lots/{$lot->id}", $form);
        $this->get("/lots/{$lot->id}")->assertSee('corrected')->assertSee('name, paid')->assertSee($this->packer->name);

        $change = LotChange::query()->firstOrFail();
        $this->post("/changes/{$change->id}/undo")->assertRedirect("/lots/{$lot->id}");
        self::assertSame(['Soap, pine', 276], [$lot->refresh()->name, $lot->paid?->minor]);
        $this->post("/changes/{$change->id}/undo")->assertSessionHasErrors('undo');
        $this->get("/lots/{$lot->id}")->assertSee('undone');
    }

    public function test_a_change_with_another_on_top_waits_for_that_one(): void
    {
        $lot = $this->lot();
        $this->post("/lots/{$lot->id}/lose", ['gone' => '1', 'why' => 'broken']);
        $this->post("/lots/{$lot->id}/lose", ['gone' => '2', 'why' => 'given-away']);
        [$first, $second] = LotChange::query()->get()->all();

        $this->post("/changes/{$first->id}/undo")->assertSessionHasErrors([
            'undo' => 'Something was changed on top of that. Undo that first.',
        ]);
        $this->post("/changes/{$second->id}/undo");
        $this->post("/changes/{$first->id}/undo");
        self::assertSame(0, $lot->refresh()->gone);
    }

    public function test_taking_back_never_goes_below_zero(): void
    {
        $lot = $this->lot('soap', ['pieces' => 2]);
        $form = [
            'kind' => 'soap',
            'name' => 'Soap, pine',
            'price' => '2.76',
            'pieces' => '6',
            'source' => 'shop',
            'place' => 'Tuppence Corner',
            'got_on' => '2026-11-08',
            'length' => '92',
            'width' => '60',
            'height' => '30',
            'traits' => ['scented'],
        ];
        $this->put("/lots/{$lot->id}", $form);
        Piece::factory()->createOne(['box_id' => $this->box()->id, 'lot_id' => $lot->id, 'quantity' => 5]);

        $this->post('/changes/'.LotChange::query()->firstOrFail()->id.'/undo')->assertSessionHasErrors('undo');
        self::assertSame(6, $lot->refresh()->pieces);
    }

    public function test_two_lots_of_a_kind_become_one_with_their_money_and_their_boxes(): void
    {
        [$one, $other] = [$this->lot(), $this->lot('soap', ['name' => 'Soap, fir', 'pieces' => 4, 'gone' => 1])];
        [$both, $single] = [$this->box(), $this->box()];
        Piece::factory()->createOne(['box_id' => $both->id, 'lot_id' => $one->id, 'quantity' => 2]);
        Piece::factory()->createOne(['box_id' => $both->id, 'lot_id' => $other->id, 'quantity' => 1]);
        Piece::factory()->createOne(['box_id' => $single->id, 'lot_id' => $other->id, 'quantity' => 2]);

        $this->post("/lots/{$one->id}/merge", ['with' => $other->id])->assertRedirect(
            "/lots/{$one->id}/merge?with={$other->id}",
        );
        $this->get("/lots/{$one->id}/merge?with={$other->id}")
            ->assertSee('Soap, pine')
            ->assertSee('Soap, fir')
            ->assertDontSee('Where it is kept');
        $this->post("/lots/{$one->id}/merge", [
            'with' => $other->id,
            'choice' => ['name' => 'other'],
        ])->assertRedirect("/lots/{$one->id}");
        self::assertSame('Soap, fir', $one->refresh()->name);
        self::assertSame(
            [10, 552, 1, 1],
            [$one->refresh()->pieces, $one->paid?->minor, $one->gone, Lot::query()->count()],
        );
        self::assertSame([3, 2], [(int) $both->pieces()->sum('quantity'), (int) $single->pieces()->sum('quantity')]);

        $comb = $this->lot('comb');
        $this->from("/lots/{$one->id}")
            ->post("/lots/{$one->id}/merge", ['with' => $comb->id])
            ->assertSessionHasErrors('with');
        $this->post("/lots/{$one->id}/merge", ['with' => Lot::factory()->createOne()->id])->assertNotFound();
        $this->post("/lots/{$one->id}/merge", ['with' => $one->id])->assertSessionHasErrors('with');
    }

    public function test_a_lot_has_colours_by_which_it_is_found_and_two_measures_of_which_one_goes_in(): void
    {
        $form = [
            'kind' => 'building-set',
            'name' => 'Windmill set',
            'price' => '6.00',
            'pieces' => '1',
            'source' => 'shop',
            'got_on' => '2026-11-08',
            'length' => '150',
            'width' => '110',
            'height' => '45',
            'colours' => ['#2f8f9d', '#F4D35E'],
            'packaged_length' => '40 cm',
            'packaged_width' => '250',
            'packaged_height' => '90',
        ];
        $this->post('/lots', $form)->assertSessionHasNoErrors();
        $lot = Lot::query()->firstOrFail();
        $box = $this->box();
        Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => $lot->id]);

        self::assertSame(['#2f8f9d', '#f4d35e'], $lot->colours->hexes());
        $this->get('/gather?q=tide')->assertSee('Windmill set');
        $this->get('/gather?q=rose')->assertDontSee('Windmill set');
        $this->get("/boxes/{$box->id}")->assertSee('Closes flat');

        // In its packaging it is 400 mm long: more than the box.
        $this->put("/lots/{$lot->id}", ['is_packaged' => '1'] + $form);
        $this->get("/boxes/{$box->id}")->assertSee('Windmill set (larger than the box)');
        $this->post('/lots', ['packaged_width' => ''] + $form)->assertSessionHasErrors('packaged_width');
        $this->post(
            '/lots',
            ['colours' => ['#111111', '#222222', '#333333', '#444444']] + $form,
        )->assertSessionHasErrors('colours');
    }
}
