<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Models\Piece;
use Tests\Feature\TestCase;

/** Things that are ordered and not here yet. */
final class OrderedTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        config(['wren.fit.page.attempts' => 2]);
        $this->actingAs($this->packer);
    }

    public function test_what_is_on_its_way_is_planned_and_the_closing_check_waits_for_it(): void
    {
        $box = $this->box();
        $here = $this->lot('soap', ['name' => 'Green soap', 'pieces' => 1]);
        $due = $this->lot('soap', ['name' => 'Blue soap', 'pieces' => 3, 'due_on' => '2026-12-03']);
        $this->get("/boxes/{$box->id}?pick=1&from=stash")
            ->assertSeeInOrder(['Green soap', '1 on hand', 'Blue soap', '3 on the way, due 3 Dec']);

        $this->post("/boxes/{$box->id}/pieces", ['lot' => $due->id, 'quantity' => 2])->assertSessionHasNoErrors();
        $this->get("/boxes/{$box->id}")->assertSee('due 3 Dec');
        $this->get("/boxes/{$box->id}/closing")->assertSee('Not here yet: Blue soap, due 3 Dec');
        $this->get('/pack/roll-call?box='.$box->id)->assertSee('due 3 Dec');
        // Nothing of it is on hand: it is neither lost nor made into a kit, and no more is promised than is coming.
        $this->post("/lots/{$due->id}/lose", ['gone' => '1', 'why' => 'broken'])->assertSessionHasErrors('gone');
        $this->post(
            "/boxes/{$this->box()->id}/pieces",
            ['lot' => $due->id, 'quantity' => 2, 'pick' => '1'],
            ['HX-Request' => 'true'],
        )
            ->assertUnprocessable()
            ->assertSee('Only 1 of “Blue soap” are left; 2 were asked for.');

        $this->post("/lots/{$due->id}/arrive");
        $this->get("/boxes/{$box->id}/closing")->assertDontSee('Not here yet');
        self::assertSame(2, Piece::query()->sole()->quantity);
        self::assertSame([1, 1], [$due->refresh()->stock()->onHand(), $here->stock()->onHand()]);
    }

    public function test_what_lies_in_a_packed_box_has_come(): void
    {
        [$box, $soap] = [$this->box(), $this->lot('soap')];
        Piece::factory()->createOne(['box_id' => $box->id, 'lot_id' => $soap->id, 'quantity' => 1]);
        $box->update(['stage' => 'packed']);
        $form = $this->get("/lots/{$soap->id}");
        preg_match('/name="was" value="([^"]*)"/', (string) $form->getContent(), $was);
        $this->put("/lots/{$soap->id}", [
            'kind' => 'soap', 'name' => 'Soap', 'pieces' => '10', 'price' => '', 'source' => 'shop',
            'got_on' => '2026-11-01', 'due_on' => '2026-12-03', 'was' => html_entity_decode($was[1] ?? ''),
        ])->assertSessionHasErrors();
        self::assertNull($soap->refresh()->due_on);
    }
}
